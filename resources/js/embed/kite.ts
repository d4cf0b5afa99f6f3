import { isWeb, pageOf, toldOf } from './data'
import type { PaperKiteElement } from './page'
import type { Shown } from './told'
import type { Say } from './say'
import { Widget } from './widget'

/** `/k/abc1234` at the end of a whole address. */
const LINK = /^\/k\/([0-9a-z]{7})$/i

/** Longer than this no timer of a browser counts. */
const LONGEST_TIMER = 2 ** 31 - 1

/** After a sale has ended, the shop is asked so much later, and each time twice as much, up to the latest. */
const SOON_MS = 500
const LATEST_MS = 60_000

/** A widget of a shop: `<paper-kite code="…">` around a plain link, which stands for as long as nothing better is known. */
class PaperKite extends HTMLElement implements Pick<PaperKiteElement, 'refresh' | 'act'> {
  static readonly observedAttributes = ['code', 'lang']

  #stands = false
  #widget: Widget | null = null
  #changes: ReturnType<typeof setTimeout> | undefined
  #lateMs = SOON_MS
  /** Of a shelf. */
  #page = 1

  connectedCallback(): void {
    this.#stands = true
    document.addEventListener('visibilitychange', this)
    addEventListener('pageshow', this)
    void this.refresh()
  }

  disconnectedCallback(): void {
    this.#stands = false
    document.removeEventListener('visibilitychange', this)
    removeEventListener('pageshow', this)
    clearTimeout(this.#changes)
    this.#widget?.leave()
    this.#widget = null
  }

  attributeChangedCallback(): void {
    // What is told of an element before it stands on the page is shown once it does.
    if (this.#stands) void this.refresh()
  }

  /** Whoever comes back to a page finds it as it is now, and its cart. */
  handleEvent(): void {
    if (document.visibilityState !== 'visible' || !this.#widget) return
    void this.refresh()
    void this.#widget.readCart()
  }

  /** Shows what the offer says now. */
  async refresh(): Promise<void> {
    try {
      const place = this.#place()
      if (!place) return
      const told = await (this.#page > 1
        ? pageOf(place.origin, place.code, this.#page)
        : toldOf(place.origin, place.code))
      const now = this.#place()
      if (told && this.#stands && now?.code === place.code && now.origin === place.origin)
        this.#widgetOf(place).show(told, this.closest('[lang]')?.getAttribute('lang') ?? '')
      if (told) this.#wake(told)
    } catch {
      // The page goes on as it is: what was drawn last, or the plain link.
      this.#say('failed', {})
    }
  }

  /** Does what a click does. Whether anything was added, or opened. */
  async act(): Promise<boolean> {
    if (this.#widget) return this.#widget.act()
    this.querySelector<HTMLAnchorElement>('a[href]')?.click()
    return false
  }

  /** Its shop is known by the link inside it, and by nothing else. */
  #place(): { origin: string; code: string } | null {
    const link = this.querySelector<HTMLAnchorElement>('a[href]')
    if (!link || !isWeb(link.href)) return null
    const { origin, pathname } = link
    const code = (this.getAttribute('code') ?? LINK.exec(pathname)?.[1] ?? '').toLowerCase()
    return LINK.test(pathname) && LINK.test(`/k/${code}`) ? { origin, code } : null
  }

  #widgetOf({ origin, code }: { origin: string; code: string }): Widget {
    if (this.#widget?.origin === origin && this.#widget.code === code) return this.#widget
    this.#widget?.leave()
    this.#page = 1
    const turn = (page: number): Promise<void> => {
      this.#page = page
      return this.refresh()
    }
    this.#widget = new Widget(this, origin, code, () => this.refresh(), turn, this.#say)
    return this.#widget
  }

  /**
   * At the moment at which a sale begins or ends, the shop is asked again, and again where it still tells of what is
   * over: whoever keeps its answers may be a second late, and the clock of the page may be ahead.
   */
  #wake({ changesAt }: Shown): void {
    clearTimeout(this.#changes)
    if (changesAt === null) return
    const left = changesAt - Date.now()
    this.#lateMs = left > 0 ? SOON_MS : Math.min(2 * this.#lateMs, LATEST_MS)
    const wait = Math.max(left, 0) + this.#lateMs
    if (wait < LONGEST_TIMER) this.#changes = setTimeout(() => void this.refresh(), wait)
  }

  readonly #say: Say = (what, detail) => {
    this.dispatchEvent(new CustomEvent(`paperkite:${what}`, { bubbles: true, composed: true, detail }))
  }
}

// The first script on a page serves all.
if (!customElements.get('paper-kite')) customElements.define('paper-kite', PaperKite)
