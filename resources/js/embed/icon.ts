import { element } from './elements'
import type { Widget } from './told'

const SVG = 'http://www.w3.org/2000/svg'
const STROKE = {
  viewBox: '0 0 20 20',
  fill: 'none',
  stroke: 'currentColor',
  'stroke-width': '2',
  'stroke-linecap': 'round',
  'stroke-linejoin': 'round',
  'aria-hidden': 'true',
}

/** The mark beside the words, drawn with their colour, or the seller's own picture. */
export function icon({ path, src, width, size, gap, is_last }: NonNullable<Widget['icon']>): SVGElement | HTMLElement {
  const margin = is_last ? 'marginInlineStart' : 'marginInlineEnd'
  if (src) {
    const picture = element('img', { src, alt: '', width: String(width), height: String(size) })
    picture.style.verticalAlign = '-0.25em'
    picture.style[margin] = `${gap}px`
    return picture
  }
  const mark = document.createElementNS(SVG, 'svg')
  const line = document.createElementNS(SVG, 'path')
  for (const [name, value] of Object.entries({ ...STROKE, width: String(size), height: String(size) }))
    mark.setAttribute(name, value)
  mark.style.verticalAlign = '-0.12em'
  mark.style[margin] = `${gap}px`
  line.setAttribute('d', path)
  mark.append(line)
  return mark
}
