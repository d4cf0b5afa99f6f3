import { cartAt } from './cart'
import type { Told } from './told'

/** What became of a click: it is in the cart of the page, or leads on. */
export interface Done {
  address: string | null
  count: number
}

/** Whether what is clicked stays on the page. */
export function stays({ click }: Told['widget']): boolean {
  return click === 'stay' || click === 'mini_cart'
}

/** Whether a click leads on by the link alone: nothing is in the cart of the page that it would leave behind. */
export function isPlainLink({ widget }: Told, origin: string): boolean {
  if (widget.click === 'follow') return !widget.pops_up
  const asks = widget.questions.length > 0 || widget.ask !== null
  return !widget.pops_up && !stays(widget) && !asks && (widget.is_alone || !cartAt(origin).isBegun)
}

/**
 * Puts what a widget sells into the cart of its page, or goes on with it.
 *
 * @param click a name by which the click counts once however often it is sent
 * @throws Refused
 */
export async function add({ widget }: Told, origin: string, answers: URLSearchParams, click: string): Promise<Done> {
  answers.set('code', widget.code)
  answers.set('in', widget.in)
  if (widget.item) answers.set('item', widget.item)
  answers.set('click', click)
  const cart = await cartAt(origin).add(answers)
  return { address: cart.go, count: cart.count }
}

/** A name that no other click has; a page without TLS has no better means to make one. */
export function nameOfClick(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}
