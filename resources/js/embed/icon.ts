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

/** The mark beside the words, drawn with their colour. */
export function icon({ path, size, gap, is_last }: NonNullable<Widget['icon']>): SVGElement {
  const mark = document.createElementNS(SVG, 'svg')
  const line = document.createElementNS(SVG, 'path')
  for (const [name, value] of Object.entries({ ...STROKE, width: String(size), height: String(size) }))
    mark.setAttribute(name, value)
  mark.style.verticalAlign = '-0.12em'
  mark.style[is_last ? 'marginInlineStart' : 'marginInlineEnd'] = `${gap}px`
  line.setAttribute('d', path)
  mark.append(line)
  return mark
}
