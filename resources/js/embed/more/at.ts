import type { Part } from '../part'
import type { Around } from '../sale'

/** Where something opens: the widget that opens it, and the part of it that was clicked. */
export interface At {
  around: Around
  part: Part
  root: ShadowRoot
  lang: string
  /** Goes on at the shop with the cart of the page. */
  goOn: (to: 'cart' | 'pay') => Promise<void>
  enlarge: (part: Part, pictures: HTMLAnchorElement[], index: number) => void
}
