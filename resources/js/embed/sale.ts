import { add, isPlainLink, nameOfClick, windowFor } from './act'
import { cartAt, Refused } from './cart'
import type { Part } from './part'
import { clicked } from './seen'
import type { Say } from './say'

/** So long a button says that it is in the cart. */
const ADDED_MS = 2500

/** What stands around a sale: the widget of which it is a part. */
export interface Around {
  readonly origin: string
  readonly say: Say
  /** Shows what the shop says now. */
  refresh(): Promise<void>
  /** Whether it still shows this. */
  shows(part: Part): boolean
  /** Says what has become of a click. */
  tell(text: string): void
  /** Becomes the one that tells what is in the cart. */
  tellCart(): void
}

/** Names of clicks that were not answered: sent again, each is the same click. */
const unanswered = new Map<string, string>()

/** Does what a click on the button of a part does. Whether anything was added, or opened. */
export async function sell(part: Part, around: Around): Promise<boolean> {
  const { told } = part
  if (!isPlainLink(told, around.origin)) return put(part, around)
  opened(part, around)
  windowFor(told.widget.opens_new_tab)(told.widget.href)
  return true
}

/** The same, of a click that a person has made: a link leads on by itself. */
export async function clickedOn(event: Event, part: Part, around: Around): Promise<void> {
  if (isPlainLink(part.told, around.origin)) return opened(part, around)
  // Whoever opens a link in a tab of its own knows why.
  if (event instanceof MouseEvent && (event.ctrlKey || event.metaKey || event.shiftKey)) return
  event.preventDefault()
  await put(part, around)
}

async function put(part: Part, around: Around): Promise<boolean> {
  const { told } = part
  const { widget } = told
  if (part.isBusy) return false
  const go = windowFor(widget.click !== 'stay' && widget.opens_new_tab)
  part.show('working')
  const key = `${around.origin} ${widget.in} ${widget.code}`
  try {
    await around.refresh()
    if (!around.shows(part)) {
      // What the shopper saw is so no longer: they see what is so now, and click again if they like it.
      go(null)
      around.tell(told.words.changed)
      return false
    }
    const name = unanswered.get(key) ?? nameOfClick()
    unanswered.set(key, name)
    const done = await add(told, around.origin, part.answers(), name)
    unanswered.delete(key)
    added(part, around, done.count)
    if (done.address !== null) opened(part, around)
    go(done.address)
    return true
  } catch (failure) {
    go(null)
    if (refused(failure, part, around)) unanswered.delete(key)
    return false
  }
}

function added(part: Part, around: Around, count: number): void {
  const { widget } = part.told
  if (widget.click !== 'stay') return part.show('idle')
  clicked(around.origin, widget)
  around.tellCart()
  cartAt(around.origin).dispatchEvent(new Event('change'))
  part.show('added')
  setTimeout(() => part.show('idle'), ADDED_MS)
  around.say('added', { code: widget.code, count })
}

/** Returns whether the shop answered. */
function refused(failure: unknown, part: Part, around: Around): boolean {
  const { widget, words } = part.told
  const reason = failure instanceof Refused ? failure.message : ''
  part.show('idle')
  around.tell(reason || words.failed)
  if (failure instanceof Refused && failure.isOutdated) void around.refresh()
  around.say('failed', { code: widget.code, reason })
  return reason !== ''
}

function opened({ told: { widget } }: Part, around: Around): void {
  if (widget.state === 'idle' && widget.click !== 'stay') around.say('opened', { code: widget.code, to: widget.click })
}
