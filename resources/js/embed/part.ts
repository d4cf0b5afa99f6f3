import { stays } from './act'
import { element } from './elements'
import { icon } from './icon'
import { shown, type ShownPrice } from './price'
import { questions } from './questions'
import type { Told } from './told'
import { isFramed } from './windows'

/** What a click is about, as the page sees it. */
export type Phase = 'idle' | 'working' | 'added'

/** One thing to buy as it stands: what is asked, its button, and what of it moves. Where they stand is up to who draws. */
export interface Part {
  told: Told
  form: HTMLFormElement
  /** None: no price is told, or it stands in the button. */
  prices: HTMLElement[]
  asked: Node[]
  button: HTMLElement
  note: HTMLElement | null
  answers: () => URLSearchParams
  show: (phase: Phase) => void
  /** Says beside the button how many pieces are in the cart, where it is about the cart. */
  tellCount: (count: number) => void
  readonly isBusy: boolean
}

/**
 * What a link can do alone is a link; what needs an answer, or stays on the page, is a button of a form.
 *
 * @param act what a click does; it may let a link lead on
 * @param picture of what is sold, which follows what is chosen
 */
export function partOf(
  told: Told,
  lang: string,
  act: (event: Event, part: Part) => void,
  picture: HTMLImageElement | null | undefined = null,
): Part {
  const { widget, words } = told
  const isForm = widget.adds && !widget.pops_up && (stays(widget) || widget.questions.length > 0 || widget.ask !== null)
  const form = element('form', { novalidate: true })
  const label = element('span', {}, widget.caption)
  const prices = widget.price ? pricesOf(shown(widget.price, words, lang), words.before) : []
  const button = isForm ? element('button') : linkOf(widget)
  const isInButton = widget.form === 'price'
  const count = element('span', { class: 'in-cart', part: 'count', hidden: true })
  setUp(button, told, label, isInButton ? prices : [])
  if (!widget.adds) button.append(count)
  // It leads on where what it opens does not come.
  if (widget.pops_up || (!widget.adds && widget.click === 'mini_cart')) button.setAttribute('aria-haspopup', 'dialog')
  const part: Part = {
    told,
    form,
    prices: isInButton ? [] : prices,
    asked: questions(told, lang, (variant) => {
      if (picture && widget.goods?.picture) picture.src = variant.picture ?? widget.goods.picture
      if (widget.price && widget.is_one) fill(prices, shown(variant.price, words, lang), words.before)
    }),
    button,
    note: widget.note ? element('small', { class: 'note', part: 'note', dir: 'auto' }, widget.note) : null,
    answers: () => answersOf(form),
    get isBusy() {
      return button.hasAttribute('aria-busy')
    },
    tellCount: (pieces) => {
      count.hidden = pieces === 0
      count.replaceChildren(
        element('span', { 'aria-hidden': 'true' }, String(pieces)),
        element('span', { class: 'told' }, ` ${words.in_cart.replace('{count}', () => String(pieces))}`),
      )
    },
    show: (phase) => {
      label.textContent = phase === 'idle' ? widget.caption : widget[phase]
      mark(button, 'aria-busy', phase === 'working')
      mark(button, 'aria-disabled', widget.state !== 'idle' || phase === 'working')
    },
  }
  // Enter in a field clicks the button, too; a frame with a sandbox lets no form be submitted, and tells nobody.
  button.addEventListener('click', (event) => {
    if (isForm) event.preventDefault()
    act(event, part)
  })
  form.addEventListener('submit', (event) => event.preventDefault())
  return part
}

function linkOf(widget: Told['widget']): HTMLAnchorElement {
  return element('a', {
    href: widget.href,
    rel: widget.rel || false,
    target: (widget.opens_new_tab || isFramed()) && '_blank',
  })
}

function setUp(button: HTMLElement, { widget }: Told, label: HTMLElement, prices: Node[]): void {
  button.className = widget.picture ? 'image' : 'button'
  button.part.add('button')
  button.dir = 'auto'
  mark(button, 'aria-disabled', widget.state !== 'idle')
  const drawing = widget.icon && !widget.picture ? icon(widget.icon) : null
  if (widget.picture) {
    const picture = element('img', { src: widget.picture.src, alt: widget.picture.alt })
    picture.style.cssText = widget.picture.style
    label.className = 'told'
    label.hidden = true
    button.append(picture, label)
  } else if (drawing && !widget.icon?.is_last) button.append(drawing, label)
  else button.append(label, ...(drawing ? [drawing] : []))
  if (prices.length > 0) button.append(element('span', { class: 'price', part: 'price' }, ...prices))
}

function mark(button: HTMLElement, attribute: string, isOn: boolean): void {
  if (isOn) button.setAttribute(attribute, 'true')
  else button.removeAttribute(attribute)
}

function pricesOf(price: ShownPrice, before: string): HTMLElement[] {
  const parts = [
    element('bdi'),
    element('s', { 'aria-hidden': 'true', dir: 'auto' }),
    element('span', { class: 'told' }),
  ]
  fill(parts, price, before)
  return parts
}

function fill([now, struck, told]: HTMLElement[], price: ShownPrice, before: string): void {
  if (!now || !struck || !told) return
  now.textContent = price.now
  struck.textContent = price.before
  struck.hidden = price.before === ''
  told.textContent = price.before === '' ? '' : ` ${before.replace('{price}', () => price.before)}`
}

function answersOf(form: HTMLFormElement): URLSearchParams {
  const answers = new URLSearchParams()
  for (const [name, value] of new FormData(form)) if (typeof value === 'string') answers.append(name, value)
  return answers
}
