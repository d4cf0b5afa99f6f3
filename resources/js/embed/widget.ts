import { cartAt } from './cart'
import { wholeOf } from './data'
import { draw, type Drawn } from './draw'
import { carryOver, replace } from './field'
import { kit } from './kit'
import { more } from './load'
import type { At } from './more/at'
import type { Part } from './part'
import { clickedOn, sell, type Around } from './sale'
import type { Say } from './say'
import { watch } from './seen'
import type { Turning } from './shelf'
import { goOn, tell, tellCart } from './status'
import type { Shown, Told } from './told'

/** Of each shop, the widget that tells what is in the cart: the one that was used last, else the first one. */
const tellers = new Map<string, Widget>()

/** A widget that stands on a page, of one placement of one shop. */
export class Widget implements Around {
  private shown: Shown | null = null
  private drawn: Drawn | null = null
  private lang = ''
  private readonly unwatch: () => void
  private readonly showCart = (): void => this.tellWhatIsInTheCart()

  constructor(
    private readonly host: HTMLElement,
    readonly origin: string,
    readonly code: string,
    readonly refresh: () => Promise<void>,
    /** Shows another page of a shelf. */
    private readonly turn: (page: number) => Promise<void>,
    readonly say: Say,
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

  show(shown: Shown, lang: string): void {
    if (this.drawn && this.lang === lang && JSON.stringify(this.shown) === JSON.stringify(shown)) return
    const before = this.drawn
    const drawn = draw(shown, lang, (event, part) => void clickedOn(event, part, this), this.enlarge, this.turning)
    if (before) carryOver(before.box, drawn.box)
    ;[this.shown, this.lang, this.drawn] = [shown, lang, drawn]
    const others = this.root.adoptedStyleSheets.filter((one) => !before?.sheets.includes(one))
    this.root.adoptedStyleSheets = [...drawn.sheets, ...others]
    replace(this.root, drawn.box)
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

  /** Does what a click does; in a price table, one on its first button. Whether anything was added, or opened. */
  async act(): Promise<boolean> {
    const part = this.drawn?.parts[0]
    return part ? sell(part, this) : false
  }

  shows(part: Part): boolean {
    return this.drawn?.parts.includes(part) === true
  }

  tell(text: string): void {
    if (this.drawn) tell(this.drawn.status, text)
  }

  tellCart(): void {
    tellers.set(this.origin, this)
  }

  async showMiniCart(part: Part): Promise<void> {
    try {
      const { showMiniCart } = await more(this.origin)
      await showMiniCart(kit, this.at(part))
    } catch {
      await this.goOn('cart')
    }
  }

  async popUp(part: Part): Promise<void> {
    const { widget, words } = part.told
    let whole: Told | undefined
    try {
      whole = await wholeOf(this.origin, widget)
    } catch {
      // A shop that is away is said on the page, instead of leaving it for nothing.
      return this.tell(words.failed)
    }
    if (!whole) {
      await this.refresh()
      return this.tell(words.changed)
    }
    try {
      const { popUp } = await more(this.origin)
      popUp(kit, this.at(part), whole)
    } catch {
      location.assign(widget.href)
    }
  }

  /** Shows a picture as large as there is room; where that does not come, its link leads to it. */
  private readonly enlarge = (part: Part, pictures: HTMLAnchorElement[], index: number): void => {
    const link = pictures[index]
    more(this.origin).then(
      ({ enlarge }) => enlarge(kit, this.at(part), pictures, index),
      () => link && location.assign(link.href),
    )
  }

  private readonly turning: Turning = {
    open: (part) => void this.popUp(part),
    // Whoever turned hears where they are, and goes on from there.
    turn: (page) => void this.turn(page).then(() => this.root.querySelector<HTMLElement>('.where')?.focus()),
  }

  private get root(): ShadowRoot {
    return this.host.shadowRoot ?? this.host.attachShadow({ mode: 'open' })
  }

  private at(part: Part): At {
    return { around: this, part, root: this.root, lang: this.lang, goOn: (to) => this.goOn(to), enlarge: this.enlarge }
  }

  private async goOn(to: 'cart' | 'pay'): Promise<void> {
    const { drawn, shown, origin, code } = this
    if (drawn && shown) await goOn(drawn.status, shown.words, origin, to, () => this.say('opened', { code, to }))
  }

  private tellWhatIsInTheCart(): void {
    if (!this.drawn || !this.shown) return
    for (const part of this.drawn.parts) part.tellCount(cartAt(this.origin).content.count)
    if (tellers.get(this.origin) === this)
      tellCart(this.drawn.status, this.shown.words, this.origin, (to) => this.say('opened', { code: this.code, to }))
    else this.drawn.status.replaceChildren()
  }
}
