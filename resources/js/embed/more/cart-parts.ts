import type { Kit } from '../kit'
import type { Cart } from '../told'

type Content = NonNullable<Cart['shown']>
type Row = Content['rows'][number]

export function row({ element }: Kit, line: Row, words: Content['words']): HTMLElement {
  const error = line.error ? `error-${line.id}` : false
  return element(
    'li',
    {},
    line.picture ? element('img', { src: line.picture, alt: '', width: '64', height: '64' }) : null,
    element(
      'div',
      { class: 'what' },
      element('a', { href: line.href, target: '_blank', rel: 'noopener', dir: 'auto' }, line.name),
      ...line.details.map((detail) => element('div', { class: 'small', dir: 'auto' }, detail)),
      line.price
        ? element('div', { class: 'small' }, line.price, line.regular ? element('s', {}, ` ${line.regular}`) : null)
        : null,
      line.because ? why(element, words.why, line.because) : null,
    ),
    element('span', { class: 'sum' }, line.subtotal),
    element(
      'div',
      { class: 'count' },
      line.quantity_label
        ? element('input', {
            name: `quantity[${line.id}]`,
            value: String(line.quantity),
            inputmode: 'numeric',
            autocomplete: 'off',
            'aria-label': line.quantity_label,
            'aria-invalid': line.error ? 'true' : false,
            'aria-describedby': error,
          })
        : element('input', { type: 'hidden', name: `quantity[${line.id}]`, value: String(line.quantity) }),
      line.remove_label
        ? element(
            'button',
            { type: 'button', class: 'plain', name: 'remove', value: String(line.id), 'aria-label': line.remove_label },
            words.remove,
          )
        : null,
    ),
    line.error ? element('p', { class: 'said wrong', id: `error-${line.id}`, dir: 'auto' }, line.error) : null,
    line.notice ? element('p', { class: 'said small', dir: 'auto' }, line.notice) : null,
  )
}

export function bill({ element }: Kit, { bill: lines, words }: Content): HTMLElement {
  return element(
    'dl',
    { class: 'bill', 'aria-label': words.bill },
    ...lines.map(({ name, amount, because, is_total }) =>
      element(
        'div',
        { class: is_total && 'total' },
        element('dt', {}, name, because ? why(element, words.why, because) : null),
        element('dd', {}, amount),
      ),
    ),
  )
}

export function coupon(
  { element }: Kit,
  now: NonNullable<Content['coupon']>,
  words: Content['words'],
  typed: string,
): HTMLElement {
  if (now.in)
    return element(
      'div',
      { class: 'coupon' },
      element('span', { dir: 'auto' }, now.in),
      element('button', { type: 'button', class: 'plain', name: 'remove_coupon', value: '1' }, words.take_coupon_out),
      now.finding ? element('p', { class: 'small', dir: 'auto' }, now.finding) : null,
    )
  return element(
    'div',
    { class: 'coupon' },
    element(
      'label',
      {},
      element('span', { class: 'small' }, words.coupon),
      element('input', {
        name: 'coupon',
        value: typed,
        autocomplete: 'off',
        spellcheck: 'false',
        maxlength: '80',
        'aria-invalid': now.error ? 'true' : false,
        'aria-describedby': now.error ? 'coupon-error' : false,
      }),
    ),
    element('button', { type: 'button', class: 'plain', name: 'apply' }, words.use_coupon),
    now.error ? element('p', { class: 'wrong', id: 'coupon-error', role: 'alert', dir: 'auto' }, now.error) : null,
  )
}

/** What was taken out last, and the way back. */
export function taken({ element }: Kit, content: Content, putBack: () => Promise<void>): HTMLElement {
  const button = element('button', { type: 'button', class: 'plain', name: 'put_back' }, content.words.put_back)
  button.addEventListener('click', () => void putBack())
  return element('p', { dir: 'auto' }, `${content.taken} `, button)
}

function why(element: Kit['element'], label: string, sentence: string): HTMLElement {
  return element(
    'details',
    { class: 'small' },
    element('summary', {}, label),
    element('span', { dir: 'auto' }, sentence),
  )
}
