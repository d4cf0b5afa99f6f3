#!/bin/sh
# The browser of the tests and pictures. ChromeDriver waits for a page, which this one opens only when told.
exec /usr/lib/chromium/chromium-headless-shell "$@" about:blank
