/** Goes to an address; null: nowhere, after all. Returns false where the page lets nothing open. */
export type Go = (address: string | null) => boolean

/**
 * Whether the page stands in a frame of another one. The shop shows itself in no frame, so that from there a purchase goes on
 * in a window of its own.
 */
export function isFramed(): boolean {
  return window.top !== window
}

/** A window for where a click leads, opened while the browser still knows that somebody clicked. */
export function windowFor(opensNewTab: boolean): Go {
  if (!opensNewTab && !isFramed())
    return (address) => {
      if (address !== null) location.assign(address)
      return true
    }
  const opened = window.open('', '_blank')
  if (opened) opened.opener = null
  return (address) => {
    if (address === null) opened?.close()
    else if (opened) opened.location.replace(address)
    else if (isFramed()) return false
    else location.assign(address)
    return true
  }
}
