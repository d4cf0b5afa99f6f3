import { cartAt, Refused } from './cart'
import { element } from './elements'
import type { Words } from './told'
import { windowFor } from './windows'

type Opened = (to: 'cart' | 'pay') => void

/** Says what is in the cart of the page, and leads on to the shop. */
export function tellCart(status: HTMLElement, words: Words, origin: string, opened: Opened): void {
  const count = cartAt(origin).content.count
  if (count === 0) return status.replaceChildren()
  const link = (to: 'cart' | 'pay', text: string): HTMLElement => {
    const made = element('a', { href: `${origin}/cart`, part: 'link' }, text)
    made.addEventListener('click', (event) => {
      event.preventDefault()
      void goOn(status, words, origin, to, opened)
    })
    return made
  }
  status.replaceChildren(
    element(
      'span',
      {},
      words.in_cart.replace('{count}', () => String(count)),
    ),
    link('cart', words.see_cart),
    link('pay', words.to_checkout),
  )
}

export function tell(status: HTMLElement, text: string): void {
  status.replaceChildren(element('span', {}, text))
}

/** Goes on at the shop with the cart of the page. */
export async function goOn(
  status: HTMLElement,
  words: Words,
  origin: string,
  to: 'cart' | 'pay',
  opened: Opened,
): Promise<void> {
  const go = windowFor(false)
  try {
    const address = (await cartAt(origin).handOver(to)) ?? `${origin}/cart`
    opened(to)
    if (!go(address))
      tell(
        status,
        words.no_window.replace('{address}', () => address),
      )
  } catch (failure) {
    go(null)
    tell(status, (failure instanceof Refused && failure.message) || words.failed)
  }
}
