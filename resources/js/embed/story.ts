import { element } from './elements'
import { sampleOf } from './sample'
import type { Story, StoryText, Widget } from './told'

/** Elements of a description: no other is made, whatever a shop says. */
const ELEMENTS = ['p', 'br', 'strong', 'em', 'ul', 'ol', 'li', 'h3', 'blockquote', 'a'] as const

/** All that the page of a product says of it, above its button and below it. */
export interface DrawnStory {
  pictures: HTMLAnchorElement[]
  gallery: HTMLElement | null
  above: Node[]
  below: Node[]
}

export function storyOf(story: Story, isOne: boolean): DrawnStory {
  const pictures = story.pictures.map(({ src, alt, width, height }, index) => {
    const size = width > 0 && height > 0 ? { width: String(width), height: String(height) } : {}
    const picture = element('img', { loading: index > 0 && 'lazy', src, alt, part: 'picture', ...size })
    return element('a', { href: src }, picture)
  })
  return {
    pictures,
    gallery: pictures.length > 0 ? element('div', { class: 'pictures' }, ...pictures) : null,
    above: [
      isOne ? null : element('h3', { dir: 'auto' }, story.name),
      story.when ? element('p', { class: 'stock', dir: 'auto' }, story.when) : null,
      story.stock ? element('p', { class: 'stock', dir: 'auto' }, story.stock) : null,
    ].filter((node) => node !== null),
    below: [
      element('div', { class: 'rich', part: 'text', dir: 'auto' }, ...story.text.map(piece)),
      sampleOf(story.sample),
      story.shipping ? element('p', { class: 'stock', dir: 'auto' }, story.shipping) : null,
      story.traits.length > 0 ? traits(story) : null,
    ].filter((node) => node !== null),
  }
}

function piece({ as, text, href, in: within }: StoryText): Node {
  const name = ELEMENTS.find((known) => known === as)
  if (!name) return document.createTextNode(text)
  const link = name === 'a' && /^(https?:|mailto:)/i.test(href) && { href, rel: 'noopener nofollow', target: '_blank' }
  return element(name, link || {}, ...within.map(piece))
}

function traits(story: Story): HTMLElement {
  return element(
    'dl',
    { class: 'traits' },
    ...story.traits.map(({ name, values }) =>
      element('div', {}, element('dt', { dir: 'auto' }, name), element('dd', { dir: 'auto' }, values.join(', '))),
    ),
  )
}

/** All prices of what comes in several variants. */
export function allPrices(
  widget: Widget,
  label: string,
  soldOut: string,
  priceOf: (price: Widget['price'] & object) => string,
): HTMLElement | null {
  const question = widget.questions.find(({ variants }) => variants.length > 1)
  if (!question) return null
  return element(
    'details',
    {},
    element('summary', {}, label),
    element(
      'table',
      {},
      ...question.variants.map(({ choices, price, stock, when, is_sold_out }) =>
        element(
          'tr',
          {},
          element('th', { scope: 'row', dir: 'auto' }, choices.join(' · ')),
          element('td', { dir: 'auto' }, when),
          element('td', {}, priceOf(price)),
          element('td', { dir: 'auto' }, stock || (is_sold_out ? soldOut : '')),
        ),
      ),
    ),
  )
}
