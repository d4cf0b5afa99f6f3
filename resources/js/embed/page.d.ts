/** What a script of a page can ask of a widget. */
export interface PaperKiteElement extends HTMLElement {
  /** Shows what the offer says now. */
  refresh(): Promise<void>
  /** Does what a click does. Whether anything was added, or opened. */
  act(): Promise<boolean>
}

export interface PaperKiteAdded {
  code: string
  /** Of all that is in the cart of the page. */
  count: number
}

export interface PaperKiteOpened {
  code: string
  to: 'follow' | 'cart' | 'pay' | 'mini_cart' | 'pop_over'
}

export interface PaperKiteFailed {
  code?: string
  /** In the shop's words; blank where it did not answer. */
  reason?: string
}

declare global {
  interface HTMLElementTagNameMap {
    'paper-kite': PaperKiteElement
  }
  interface HTMLElementEventMap {
    'paperkite:added': CustomEvent<PaperKiteAdded>
    'paperkite:opened': CustomEvent<PaperKiteOpened>
    'paperkite:failed': CustomEvent<PaperKiteFailed>
  }
}
