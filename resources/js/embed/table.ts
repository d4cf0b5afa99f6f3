import { element, sheet } from './elements'
import { partOf, type Part } from './part'
import type { Column, ToldTable } from './told'

interface DrawnTable {
  content: HTMLElement
  parts: Part[]
  sheets: CSSStyleSheet[]
}

/** A price table: what its columns say of one thing stands on one line across them (CSS Grid Level 2, subgrid). */
export function table(told: ToldTable, lang: string, act: (event: Event, part: Part) => void): DrawnTable {
  const { table: shown, words, changesAt } = told
  if (shown.note) return { content: element('p', { part: 'note', dir: 'auto' }, shown.note), parts: [], sheets: [] }
  const looks = new Looks()
  const parts: Part[] = []
  const list = element('ul', { class: 'table', part: 'table', 'aria-label': shown.name })
  for (const column of shown.columns) {
    const part = partOf({ widget: column.widget, words, changesAt }, lang, act)
    // Its name tells which column a button belongs to, where its words are the same in all.
    part.button.append(element('span', { class: 'told' }, `: ${column.names.join(', ')}`))
    const badge = column.is_stressed ? shown.badge : ''
    part.form.append(...rows(column, badge, part))
    const item = element('li', { class: looks.classOf(column.widget.css), part: 'column' }, part.form)
    item.classList.toggle('stressed', column.is_stressed)
    item.classList.toggle('page', column.widget.follows_page)
    list.append(item)
    parts.push(part)
  }
  return { content: list, parts, sheets: looks.sheets }
}

/** Each on a line of its own, the same ones in all columns. */
function rows({ names, lines, price_note }: Column, badge: string, part: Part): HTMLElement[] {
  const tax = price_note && part.prices.length > 0 ? element('small', {}, ` ${price_note}`) : null
  return [
    element('p', { class: 'badge', dir: 'auto' }, badge),
    element('p', { class: 'name', part: 'name', dir: 'auto' }, names.join(', ')),
    element(
      'div',
      { class: 'lines', part: 'text' },
      ...lines.map((line) => element('p', { dir: 'auto' }, line || ' ')),
    ),
    element('p', { class: 'price', part: 'price' }, ...part.prices, tax),
    element('div', { class: 'body' }, ...part.asked, part.button, part.note),
  ]
}

/** Looks beside each other: each has a class of its own around what it dresses. */
class Looks {
  readonly sheets: CSSStyleSheet[] = []
  private readonly classes = new Map<string, string>()

  classOf(css: string): string {
    const known = this.classes.get(css)
    if (known) return known
    const name = `look${this.classes.size}`
    this.classes.set(css, name)
    this.sheets.push(sheet(`.${name}{${css}}`))
    return name
  }
}
