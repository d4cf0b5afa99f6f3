import { add, isPlainLink, nameOfClick, windowFor } from './act'
import { cartAt, Refused } from './cart'
import { draw, type Drawn } from './draw'
import { carryOver, replace } from './field'
import { clicked, watch } from './seen'
import { tell, tellCart } from './status'
import type { PaperKiteAdded, PaperKiteFailed, PaperKiteOpened } from './page'
import type { Told } from './told'

/** So long a button says that it is in the cart. */
const ADDED_MS = 2500

/** Of each shop, the widget that tells what is in the cart: the one that was used last, else the first one. */
const tellers = new Map<string, Widget>()

/** What a widget says to its page. */
export type Say = <K extends keyof Said>(what: K, detail: Said[K]) => void

interface Said {
  added: PaperKiteAdded
  opened: PaperKiteOpened
  failed: PaperKiteFailed
}

/** A widget that stands on a page, of one placement of one shop. */
export class Widget {
  private told: Told | null = null
  private drawn: Drawn | null = null
  private lang = ''
  private clickName = ''
  private readonly unwatch: () => void
  private readonly showCart = (): void => this.tellWhatIsInTheCart()

  constructor(
    private readonly host: HTMLElement,
    readonly origin: string,
    readonly code: string,
    private readonly refresh: () => Promise<void>,
    private readonly say: Say,
  ) {
    this.unwatch = watch(host, origin, code)
    cartAt(origin).addEventListener('change', this.showCart)
  }

  /** Ends it; what it has drawn stays. */
  leave(): void {
    this.unwatch()
    cartAt(this.origin).removeEventListener('change', this.showCart)
    if (tellers.get(this.origin) === this) tellers.delete(this.origin)
  }

  show(told: Told, lang: string): void {
    if (this.drawn && this.lang === lang && JSON.stringify(this.told) === JSON.stringify(told)) return
    const before = this.drawn
    const drawn = draw(told, lang, (event) => void this.clicked(event))
    if (before) carryOver(before.box, drawn.box)
    ;[this.told, this.lang, this.drawn] = [told, lang, drawn]
    const root = this.host.shadowRoot ?? this.host.attachShadow({ mode: 'open' })
    root.adoptedStyleSheets = drawn.sheets
    replace(root, drawn.box)
    if (!tellers.has(this.origin)) {
      tellers.set(this.origin, this)
      void this.readCart()
    }
    this.tellWhatIsInTheCart()
  }

  /** Asks what is in the cart, where this is the widget that tells it. */
  async readCart(): Promise<void> {
    if (tellers.get(this.origin) !== this) return
    try {
      await cartAt(this.origin).read()
    } catch {
      // It is told with the next click.
    }
  }

  /** Does what a click does. Whether anything was added, or opened. */
  async act(): Promise<boolean> {
    const { told } = this
    if (!told) return false
    if (!isPlainLink(told, this.origin)) return this.add(told)
    this.opened(told)
    windowFor(told.widget.opens_new_tab)(told.widget.href)
    return true
  }

  private async clicked(event: Event): Promise<void> {
    const { told } = this
    if (!told) return
    if (isPlainLink(told, this.origin)) return this.opened(told)
    // Whoever opens a link in a tab of its own knows why.
    if (event instanceof MouseEvent && (event.ctrlKey || event.metaKey || event.shiftKey)) return
    event.preventDefault()
    await this.add(told)
  }

  private async add(told: Told): Promise<boolean> {
    const { drawn } = this
    if (!drawn || drawn.isBusy) return false
    const go = windowFor(told.widget.click !== 'stay' && told.widget.opens_new_tab)
    drawn.show('working')
    try {
      await this.refresh()
      if (this.drawn !== drawn) return this.outdated(go)
      // Sent again after a failure, it is the same click.
      this.clickName ||= nameOfClick()
      const done = await add(told, this.origin, drawn.answers(), this.clickName)
      this.clickName = ''
      this.added(told, drawn, done.count)
      if (done.address !== null) this.opened(told)
      go(done.address)
      return true
    } catch (failure) {
      go(null)
      this.refused(failure, told, drawn)
      return false
    }
  }

  private added({ widget }: Told, drawn: Drawn, count: number): void {
    if (widget.click !== 'stay') return drawn.show('idle')
    clicked(this.origin, this.code)
    tellers.set(this.origin, this)
    cartAt(this.origin).dispatchEvent(new Event('change'))
    drawn.show('added')
    setTimeout(() => drawn.show('idle'), ADDED_MS)
    this.say('added', { code: this.code, count })
  }

  /** What the shopper saw is so no longer: they see what is so now, and click again if they like it. */
  private outdated(go: (address: null) => void): boolean {
    go(null)
    if (this.drawn && this.told) tell(this.drawn.status, this.told.words.changed)
    return false
  }

  private refused(failure: unknown, { words }: Told, drawn: Drawn): void {
    const reason = failure instanceof Refused ? failure.message : ''
    drawn.show('idle')
    tell(drawn.status, reason || words.failed)
    if (reason) this.clickName = ''
    if (failure instanceof Refused && failure.isOutdated) void this.refresh()
    this.say('failed', { code: this.code, reason })
  }

  private opened({ widget }: Told): void {
    if (widget.state === 'idle' && widget.click !== 'stay') this.say('opened', { code: this.code, to: widget.click })
  }

  private tellWhatIsInTheCart(): void {
    if (!this.drawn || !this.told) return
    if (tellers.get(this.origin) === this)
      tellCart(this.drawn.status, this.told.words, this.origin, (to) => this.say('opened', { code: this.code, to }))
    else this.drawn.status.replaceChildren()
  }
}
