import type * as More from './more/more'

/** Of the part that belongs to this build; the build writes it here. */
declare const MORE: string

/** Where this script came from; blank where a page has written it into itself. */
const SCRIPT = document.currentScript instanceof HTMLScriptElement ? document.currentScript.src : ''

let loading: Promise<typeof More> | undefined

/** Mini cart, pop-over and gallery, once somebody needs one. Rejected where it does not come: whoever asked leads on by a link. */
export function more(origin: string): Promise<typeof More> {
  loading ??= (
    import(/* @vite-ignore */ new URL(MORE, SCRIPT || `${origin}/embed/`).href) as Promise<typeof More>
  ).catch((failure: unknown) => {
    loading = undefined
    throw failure
  })
  return loading
}
