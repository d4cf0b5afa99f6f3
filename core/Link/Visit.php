<?php

declare(strict_types=1);

namespace PaperKite\Link;

/**
 * What a request for a link is, told from its headers. Only a navigation of a whole window acts.
 *
 * @see https://www.w3.org/TR/fetch-metadata/ Sec-Fetch-Mode, Sec-Fetch-Dest
 * @see https://wicg.github.io/nav-speculation/prefetch.html Sec-Purpose
 */
enum Visit
{
    /** A person follows the link. */
    case Navigation;

    /** The link stands in a frame of another page: it may show a way out, and do nothing. */
    case Frame;

    /** A program asks for what to show beside the link: it is told what the link is about, and changes nothing. */
    case Preview;

    /** An image, a script, a prefetch: it changes nothing and gets nothing. */
    case Silent;

    private const FRAMES = ['iframe', 'frame', 'embed', 'object', 'fencedframe'];

    /** In which a browser says that nobody waits yet. */
    private const PURPOSES = ['sec-purpose', 'purpose', 'x-purpose', 'x-moz'];

    /** How programs that fetch a page for its preview or index name themselves: a version after "bot", an address to ask at. */
    private const ROBOTS = '~bot/|\+?https?://|crawl|spider|preview|unfurl|externalhit|scanner|fetcher~i';

    /** @param  array<string, string>  $headers by lower-case name */
    public static function of(string $method, array $headers): self
    {
        return match (true) {
            self::isNavigation($method, $headers) => self::Navigation,
            $method !== 'GET', self::isAhead($headers) => self::Silent,
            self::isRobot($headers) => self::Preview,
            in_array($headers['sec-fetch-dest'] ?? '', self::FRAMES, true) => self::Frame,
            default => self::Silent,
        };
    }

    /**
     * Whether a person follows the link, for whoever asks nothing else.
     *
     * @param  array<string, string>  $headers by lower-case name
     */
    public static function isNavigation(string $method, array $headers): bool
    {
        return self::isAwaited($method, $headers)
            && ($headers['sec-fetch-mode'] ?? 'navigate') === 'navigate'
            && ($headers['sec-fetch-dest'] ?? 'document') === 'document';
    }

    /**
     * Whether a person waits for the answer, be it a whole page or a part that a script of the page asks for.
     *
     * @param  array<string, string>  $headers by lower-case name
     */
    public static function isAwaited(string $method, array $headers): bool
    {
        return $method === 'GET' && ! self::isAhead($headers) && ! self::isRobot($headers);
    }

    /** @param  array<string, string>  $headers */
    private static function isAhead(array $headers): bool
    {
        foreach (self::PURPOSES as $header) {
            if (isset($headers[$header]) && preg_match('/prefetch|prerender|preview/i', $headers[$header]) === 1) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, string>  $headers */
    private static function isRobot(array $headers): bool
    {
        return preg_match(self::ROBOTS, $headers['user-agent'] ?? '') === 1;
    }
}
