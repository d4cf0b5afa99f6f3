import { element, sheet } from './elements'
import { icon } from './icon'
import { shown, type ShownPrice } from './price'
import { questions } from './questions'
import { SHEET } from './sheet'
import type { Told } from './told'

/** What a click is about, as the page sees it. */
export type Phase = 'idle' | 'working' | 'added'

/** A widget as it stands, and what of it moves. */
export interface Drawn {
  box: HTMLElement
  sheets: CSSStyleSheet[]
  /** Where it says what has become of a click. */
  status: HTMLElement
  answers: () => URLSearchParams
  show: (phase: Phase) => void
  readonly isBusy: boolean
}

const AROUND = sheet(SHEET)

/** What is as wide as there is room asks for no more. */
const BLOCK = sheet(':host{display:block}')

/**
 * Draws a widget. What a link can do alone is a link; what needs an answer, or stays on the page, is a button of a form.
 *
 * @param act what a click does; it may let a link lead on
 */
export function draw(told: Told, lang: string, act: (event: Event) => void): Drawn {
  const { widget, words } = told
  const isForm = widget.click === 'stay' || widget.questions.length > 0 || widget.ask !== null
  const form = element('form', { novalidate: true })
  const label = element('span', {}, widget.caption)
  const price = widget.price ? shown(widget.price, words, lang) : null
  const prices = price ? pricesOf(price, words.before) : []
  const button = isForm ? element('button') : linkOf(widget)
  const picture = widget.goods?.picture
    ? element('img', {
        class: 'goods',
        part: 'picture',
        src: widget.goods.picture,
        alt: widget.goods.alt,
        width: '144',
        height: '144',
      })
    : null

  setUp(button, told, label, widget.form === 'price' ? prices : [])
  if (isForm) form.addEventListener('submit', act)
  else button.addEventListener('click', act)
  const asked = questions(told, lang, (variant) => {
    if (picture && widget.goods?.picture) picture.src = variant.picture ?? widget.goods.picture
    if (widget.price && widget.is_one) fill(prices, shown(variant.price, words, lang), words.before)
  })
  const status = element('p', { class: 'status', part: 'status', role: 'status', dir: 'auto' })
  const body = element(
    'div',
    { class: 'body' },
    widget.goods && element('p', { class: 'name', part: 'name', dir: 'auto' }, widget.goods.name),
    widget.goods?.text ? element('p', { part: 'text', dir: 'auto' }, widget.goods.text) : null,
    widget.form === 'picture' && prices.length > 0 ? element('p', { class: 'price', part: 'price' }, ...prices) : null,
    ...asked,
    button,
    widget.note ? element('small', { class: 'note', part: 'note', dir: 'auto' }, widget.note) : null,
    status,
  )
  form.append(...(picture ? [picture] : []), body)
  return {
    box: element(
      'div',
      {
        class: `kite${widget.follows_page ? ' page' : ''}`,
        'data-form': widget.form,
        part: 'box',
        lang: words.language,
      },
      form,
    ),
    sheets: [AROUND, ...(widget.form === 'picture' ? [BLOCK] : []), sheet(widget.css)],
    status,
    answers: () => answersOf(form),
    get isBusy() {
      return button.hasAttribute('aria-busy')
    },
    show: (phase) => {
      label.textContent = phase === 'idle' ? widget.caption : widget[phase]
      mark(button, 'aria-busy', phase === 'working')
      mark(button, 'aria-disabled', widget.state !== 'idle' || phase === 'working')
    },
  }
}

function linkOf(widget: Told['widget']): HTMLAnchorElement {
  return element('a', { href: widget.href, rel: widget.rel || false, target: widget.opens_new_tab ? '_blank' : false })
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
