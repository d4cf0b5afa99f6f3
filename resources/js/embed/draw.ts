import { element, sheet } from './elements'
import { partOf, type Part } from './part'
import { SHEET } from './sheet'
import { table } from './table'
import { isTable, type Shown, type Told } from './told'

/** A widget as it stands: one thing to buy, or several. */
export interface Drawn {
  box: HTMLElement
  sheets: CSSStyleSheet[]
  parts: Part[]
  /** Where it says what has become of a click. */
  status: HTMLElement
}

const AROUND = sheet(SHEET)

/** What is as wide as there is room asks for no more. */
const BLOCK = sheet(':host,.kite{display:block}')

/** @param act what a click does; it may let a link lead on */
export function draw(shown: Shown, lang: string, act: (event: Event, part: Part) => void): Drawn {
  const status = element('p', { class: 'status', part: 'status', role: 'status', dir: 'auto' })
  const box = element('div', { class: 'kite', part: 'box', lang: shown.words.language })
  if (isTable(shown)) {
    const { content, parts, sheets } = table(shown, lang, act)
    box.append(content, status)
    return { box, sheets: [AROUND, BLOCK, ...sheets], parts, status }
  }
  const { widget } = shown
  const part = single(shown, lang, act, status)
  box.append(part.form)
  box.classList.toggle('page', widget.follows_page)
  box.dataset['form'] = widget.form
  return {
    box,
    sheets: [AROUND, ...(widget.form === 'picture' ? [BLOCK] : []), sheet(widget.css)],
    parts: [part],
    status,
  }
}

function single(told: Told, lang: string, act: (event: Event, part: Part) => void, status: HTMLElement): Part {
  const { goods } = told.widget
  const picture = goods?.picture
    ? element('img', {
        class: 'goods',
        part: 'picture',
        src: goods.picture,
        alt: goods.alt,
        width: '144',
        height: '144',
      })
    : null
  const part = partOf(told, lang, act, picture)
  const body = element(
    'div',
    { class: 'body' },
    goods && element('p', { class: 'name', part: 'name', dir: 'auto' }, goods.name),
    goods?.text ? element('p', { part: 'text', dir: 'auto' }, goods.text) : null,
    part.prices.length > 0 && goods ? element('p', { class: 'price', part: 'price' }, ...part.prices) : null,
    ...part.asked,
    part.button,
    part.note,
    status,
  )
  part.form.append(...(picture ? [picture] : []), body)
  return part
}
