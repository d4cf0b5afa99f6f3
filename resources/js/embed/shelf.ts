import { element, sheet } from './elements'
import { partOf, type Part } from './part'
import type { ToldShelf } from './told'

interface DrawnShelf {
  content: HTMLElement
  parts: Part[]
  sheets: CSSStyleSheet[]
}

/** What a widget can do with a shelf beside selling what stands on it. */
export interface Turning {
  /** Shows all about an item. */
  open: (part: Part) => void
  /** Shows another page of it. */
  turn: (page: number) => void
}

/** Goods beside each other or below each other, each with its button; a click on its picture or name tells all about it. */
export function shelf(
  told: ToldShelf,
  lang: string,
  act: (event: Event, part: Part) => void,
  turning: Turning | null,
): DrawnShelf {
  const { shelf: shown, words, changesAt } = told
  const heading = element('p', { class: 'name', part: 'name', dir: 'auto' }, shown.name)
  const content = element('div', { class: 'shelf', 'data-density': shown.density }, heading)
  if (shown.note) {
    content.append(element('p', { part: 'note', dir: 'auto' }, shown.note))
    return { content, parts: [], sheets: [] }
  }
  const parts = shown.items.map((widget) => partOf({ widget, words, changesAt }, lang, act))
  const goods = parts.map((part) => element('li', { part: 'item' }, ...item(part, shown.density, turning)))
  content.append(element('ul', { 'aria-label': shown.name }, ...goods))
  if (shown.pages > 1) content.append(pager(told, turning))
  const css = shown.items[0]?.css
  return { content, parts, sheets: css ? [sheet(css)] : [] }
}

function item(part: Part, density: string, turning: Turning | null): Node[] {
  const { widget } = part.told
  const { goods } = widget
  // The button says what it does to what: its name is heard with it.
  part.button.append(element('span', { class: 'told' }, `: ${goods?.name ?? ''}`))
  const picture = goods?.picture
    ? element('img', { part: 'picture', src: goods.picture, alt: '', loading: 'lazy', width: '144', height: '144' })
    : element('span', { class: 'blank' })
  const link = element(
    'a',
    { href: widget.href, dir: 'auto' },
    picture,
    element('span', { part: 'name' }, goods?.name ?? ''),
  )
  link.addEventListener('click', (event) => {
    if (!turning || event.ctrlKey || event.metaKey || event.shiftKey) return
    event.preventDefault()
    turning.open(part)
  })
  part.form.append(
    link,
    density === 'large' && goods?.text ? element('p', { class: 'stock', part: 'text', dir: 'auto' }, goods.text) : '',
    element('p', { class: 'price', part: 'price' }, ...part.prices),
    element('div', { class: 'body' }, part.button, part.note),
  )
  return [part.form]
}

function pager({ shelf: { page, pages, where }, words }: ToldShelf, turning: Turning | null): HTMLElement {
  const button = (to: number, label: string): HTMLElement => {
    const made = element('button', { type: 'button', class: 'turn', disabled: to < 1 || to > pages }, label)
    made.addEventListener('click', () => turning?.turn(to))
    return made
  }
  return element(
    'div',
    { class: 'pager' },
    button(page - 1, words.earlier),
    element('span', { class: 'where', tabindex: '-1' }, where),
    button(page + 1, words.more),
  )
}
