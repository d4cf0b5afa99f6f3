import { element, sheet } from './elements'
import { partOf, type Part } from './part'
import { shown as shownPrice } from './price'
import { sampleOf } from './sample'
import { SHEET } from './sheet'
import { shelf, type Turning } from './shelf'
import { allPrices, storyOf } from './story'
import { table } from './table'
import { isShelf, isTable, type Shown, type Told } from './told'

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

/** What a click on a picture does. */
export type Enlarge = (part: Part, pictures: HTMLAnchorElement[], index: number) => void

/** @param act what a click does; it may let a link lead on */
export function draw(
  shown: Shown,
  lang: string,
  act: (event: Event, part: Part) => void,
  enlarge: Enlarge | null = null,
  turning: Turning | null = null,
): Drawn {
  const status = element('p', { class: 'status', part: 'status', role: 'status', dir: 'auto' })
  const box = element('div', { class: 'kite', part: 'box', lang: shown.words.language })
  if (isTable(shown) || isShelf(shown)) {
    const { content, parts, sheets } = isTable(shown) ? table(shown, lang, act) : shelf(shown, lang, act, turning)
    box.append(content, status)
    return { box, sheets: [AROUND, BLOCK, ...sheets], parts, status }
  }
  const { widget } = shown
  const part = widget.story.length > 0 ? whole(shown, lang, act, status, enlarge) : single(shown, lang, act, status)
  box.append(part.form)
  box.classList.toggle('page', widget.follows_page)
  box.dataset['form'] = widget.form
  return {
    box,
    sheets: [AROUND, ...(widget.goods ? [BLOCK] : []), sheet(widget.css)],
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
    sampleOf(goods?.sample),
    ...part.asked,
    part.button,
    part.note,
    status,
  )
  part.form.append(...(picture ? [picture] : []), body)
  return part
}

/** Everything that the pages of its goods say, with its button between. */
function whole(
  told: Told,
  lang: string,
  act: (event: Event, part: Part) => void,
  status: HTMLElement,
  enlarge: Enlarge | null,
): Part {
  const { widget, words } = told
  const isOne = widget.story.length === 1
  const stories = widget.story.map((story) => storyOf(story, isOne))
  const pictures = stories.flatMap((story) => story.pictures)
  const part = partOf(told, lang, act, pictures[0]?.querySelector('img'))
  pictures.forEach((link, index) =>
    link.addEventListener('click', (event) => {
      if (!enlarge || event.ctrlKey || event.metaKey || event.shiftKey) return
      event.preventDefault()
      enlarge(part, pictures, index)
    }),
  )
  const galleries = stories.map(({ gallery }) => gallery).filter((gallery) => gallery !== null)
  part.form.append(
    ...(galleries.length > 0 ? [element('div', { class: 'galleries' }, ...galleries)] : []),
    element(
      'div',
      { class: 'body' },
      element('p', { class: 'name', part: 'name', dir: 'auto' }, widget.goods?.name ?? ''),
      part.prices.length > 0 ? element('p', { class: 'price', part: 'price' }, ...part.prices) : null,
      ...stories.flatMap(({ above }) => above),
      ...part.asked,
      part.button,
      part.note,
      status,
      ...stories.flatMap(({ below }) => below),
      allPrices(widget, words.all_prices, words.sold_out, (price) => shownPrice(price, words, lang).now),
    ),
  )
  return part
}
