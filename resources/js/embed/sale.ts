import { add, isPlainLink, nameOfClick, stays, type Done } from './act'
import { cartAt, Refused } from './cart'
import type { Part } from './part'
import { clicked } from './seen'
import type { Say } from './say'
import { windowFor, type Go } from './windows'

/** So long a button says that it is in the cart. */
const ADDED_MS = 2500

/** What stands around a sale: the widget of which it is a part, or its pop-over. */
export interface Around {
  readonly origin: string
  readonly say: Say
  /** Shows what the shop says now. */
  refresh(): Promise<void>
  /** Whether it still shows this. */
  shows(part: Part): boolean
  /** Says what has become of a click. */
  tell(text: string): void
  /** Something was added: from now on it is the one that tells what is in the cart. */
  tellCart(): void
  /** Opens the mini cart; where it does not come, the shop's own page of the cart. */
  showMiniCart(part: Part): Promise<void>
  /** Opens the pop-over of a part; where it does not come, the page of its offer. */
  popUp(part: Part): Promise<void>
}

/** Names of clicks that were not answered: sent again, each is the same click. */
const unanswered = new Map<string, string>()

/** Does what a click on the button of a part does. Whether anything was added, or opened. */
export async function sell(part: Part, around: Around): Promise<boolean> {
  const { told } = part
  if (!isPlainLink(told, around.origin)) return act(part, around)
  opened(part, around)
  return leave(windowFor(told.widget.opens_new_tab), told.widget.href, part, around)
}

/** The same, of a click that a person has made: a link leads on by itself. */
export async function clickedOn(event: Event, part: Part, around: Around): Promise<void> {
  if (isPlainLink(part.told, around.origin)) return opened(part, around)
  // Whoever opens a link in a tab of its own knows why.
  const isLink = event.currentTarget instanceof HTMLAnchorElement
  if (isLink && event instanceof MouseEvent && (event.ctrlKey || event.metaKey || event.shiftKey)) return
  event.preventDefault()
  await act(part, around)
}

async function act(part: Part, around: Around): Promise<boolean> {
  const { widget } = part.told
  if (part.isBusy) return false
  if (widget.pops_up) {
    around.say('opened', { code: widget.code, to: 'pop_over' })
    clicked(around.origin, widget)
    await around.popUp(part)
    return true
  }
  if (!widget.adds && widget.click === 'mini_cart') {
    opened(part, around)
    clicked(around.origin, widget)
    await around.showMiniCart(part)
    return true
  }
  return put(part, around)
}

async function put(part: Part, around: Around): Promise<boolean> {
  const { told } = part
  const { widget } = told
  const go: Go = stays(widget) ? () => true : windowFor(widget.opens_new_tab)
  part.show('working')
  try {
    await around.refresh()
    if (!around.shows(part)) {
      // What the shopper saw is so no longer: they see what is so now, and click again if they like it.
      go(null)
      around.tell(told.words.changed)
      return false
    }
    const done = widget.adds ? await added(part, around) : await handedOver(part, around)
    if (done.address !== null) {
      opened(part, around)
      return leave(go, done.address, part, around)
    }
    if (widget.click === 'mini_cart') await around.showMiniCart(part)
    return true
  } catch (failure) {
    go(null)
    refused(failure, part, around)
    return false
  }
}

/** Where nothing may open, the address is told. */
function leave(go: Go, address: string, { told: { words } }: Part, around: Around): boolean {
  const isGone = go(address)
  if (!isGone) around.tell(words.no_window.replace('{address}', () => address))
  return isGone
}

async function added(part: Part, around: Around): Promise<Done> {
  const { told } = part
  const { widget } = told
  const key = `${around.origin} ${widget.in} ${widget.code} ${widget.item}`
  const name = unanswered.get(key) ?? nameOfClick()
  unanswered.set(key, name)
  try {
    const done = await add(told, around.origin, part.answers(), name)
    unanswered.delete(key)
    tellAdded(part, around, done.count)
    return done
  } catch (failure) {
    // A shop that says why has done nothing by it.
    if (failure instanceof Refused && failure.message) unanswered.delete(key)
    throw failure
  }
}

/** Goes on at the shop with the cart of the page, which the page knows to be there. */
async function handedOver(part: Part, { origin }: Around): Promise<Done> {
  const { widget } = part.told
  const address = await cartAt(origin).handOver(widget.click === 'pay' ? 'pay' : 'cart')
  part.show('idle')
  return { address: address ?? widget.href, count: 0 }
}

function tellAdded(part: Part, around: Around, count: number): void {
  const { widget } = part.told
  if (!stays(widget)) return part.show('idle')
  clicked(around.origin, widget)
  around.tellCart()
  cartAt(around.origin).dispatchEvent(new Event('change'))
  part.show('added')
  setTimeout(() => part.show('idle'), ADDED_MS)
  around.say('added', { code: widget.code, count })
}

function refused(failure: unknown, part: Part, around: Around): void {
  const { widget, words } = part.told
  const reason = failure instanceof Refused ? failure.message : ''
  part.show('idle')
  around.tell(reason || words.failed)
  if (failure instanceof Refused && failure.isOutdated) void around.refresh()
  around.say('failed', { code: widget.code, reason })
}

function opened({ told: { widget } }: Part, around: Around): void {
  if (widget.state === 'idle' && widget.click !== 'stay') around.say('opened', { code: widget.code, to: widget.click })
}
