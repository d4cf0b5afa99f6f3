import type { Kit } from '../kit'
import type { Cart } from '../told'
import type { At } from './at'
import { bill, coupon, row, taken } from './cart-parts'
import { openModal, type Modal } from './modal'

type Content = NonNullable<Cart['shown']>

/** The cart of the page, as the shop's own page of it shows it; it slides in from the side. */
export async function showMiniCart(kit: Kit, at: At): Promise<void> {
  const cart = kit.cartAt(at.around.origin)
  const first = (await cart.show()).shown
  if (!first) throw new Error('The shop shows no cart.')
  const modal = openModal(kit, at, 'cart', first.words.title, first.words.close)
  const change = async (changes: URLSearchParams): Promise<void> => {
    const typed = changes.get('coupon') ?? ''
    try {
      const { shown } = await cart.show(changes)
      if (shown) show(shown, shown.coupon?.error ? typed : '')
    } catch (failure) {
      say((failure instanceof kit.Refused && failure.message) || at.part.told.words.failed)
    }
  }
  const status = kit.element('p', { role: 'status', class: 'wrong' })
  const say = (text: string): void => {
    status.textContent = text
  }
  const show = (content: Content, typed: string): void => {
    const focused = keyOf(at.root.activeElement)
    modal.body.replaceChildren(status, ...drawn(kit, at, modal, content, typed, change))
    say('')
    refocus(modal, focused)
  }
  show(first, '')
}

function drawn(
  kit: Kit,
  at: At,
  modal: Modal,
  content: Content,
  typed: string,
  change: (changes: URLSearchParams) => Promise<void>,
): Node[] {
  const { element } = kit
  const { rows, words } = content
  const again = content.taken ? [taken(kit, content, () => change(new URLSearchParams({ put_back: '1' })))] : []
  if (rows.length === 0) return [...again, element('p', {}, words.empty)]
  const form = element(
    'form',
    { novalidate: true },
    // Enter in a field presses the first button of the form, which must not be one that takes something out.
    element('button', { class: 'first', tabindex: '-1', 'aria-hidden': 'true' }),
    element('ul', { class: 'lines' }, ...rows.map((one) => row(kit, one, words))),
    ...(content.bill.length > 0 ? [bill(kit, content)] : []),
    ...content.faults.map((fault) => element('p', { class: 'wrong', dir: 'auto' }, fault)),
    ...(content.coupon ? [coupon(kit, content.coupon, words, typed)] : []),
  )
  const send = (button: HTMLElement | null): void => {
    const changes = new URLSearchParams()
    for (const [name, value] of new FormData(form)) if (typeof value === 'string') changes.append(name, value)
    if (button instanceof HTMLButtonElement && button.name) changes.set(button.name, button.value)
    void change(changes)
  }
  form.addEventListener('submit', (event) => event.preventDefault())
  form.addEventListener('click', (event) => {
    const button = event.target instanceof HTMLElement && event.target.closest('button')
    if (!button) return
    event.preventDefault()
    send(button)
  })
  form.addEventListener('change', ({ target }) => {
    if (target instanceof HTMLInputElement && target.name.startsWith('quantity')) send(null)
  })
  const onwards = element(
    'button',
    { type: 'button', class: 'button wide', part: 'button' },
    at.part.told.words.to_checkout,
  )
  onwards.addEventListener('click', () => void at.goOn('pay').then(() => modal.close(true)))
  return [...again, form, onwards]
}

/** By what a field or a button is found again when all is drawn anew. */
function keyOf(focused: Element | null): string {
  const name = focused?.getAttribute('name') ?? ''
  return (
    name &&
    `[name="${CSS.escape(name)}"]${focused instanceof HTMLButtonElement ? `[value="${CSS.escape(focused.value)}"]` : ''}`
  )
}

/** Whoever was at something that is gone is at the head of it all. */
function refocus({ dialog, heading }: Modal, key: string): void {
  if (dialog.matches(':focus-within')) return
  const same = key && dialog.querySelector<HTMLElement>(key)
  ;(same || heading).focus()
}
