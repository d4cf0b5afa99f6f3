import type { Kit } from '../kit'
import type { At } from './at'
import { openModal } from './modal'

/** Pictures one after the other, each as large as there is room; the arrow keys turn, too. */
export function enlarge(kit: Kit, at: At, pictures: HTMLAnchorElement[], first: number): void {
  const { element } = kit
  const { words, widget } = at.part.told
  const modal = openModal(kit, at, 'gallery', widget.goods?.name ?? widget.caption, words.close)
  const picture = element('img')
  const figure = element('figure', { 'aria-live': 'polite' }, picture)
  let index = first
  const turn = (by: number): void => {
    index = (index + by + pictures.length) % pictures.length
    const shown = pictures[index]
    picture.src = shown?.href ?? ''
    picture.alt = shown?.querySelector('img')?.alt ?? ''
    where.textContent = `${index + 1} / ${pictures.length}`
  }
  const button = (by: number, sign: string, label: string): HTMLElement => {
    const made = element('button', { type: 'button', 'aria-label': label }, sign)
    made.addEventListener('click', () => turn(by))
    return made
  }
  const where = element('span', {})
  const bar = element('div', { class: 'turn' }, button(-1, '←', words.previous), where, button(1, '→', words.next))
  modal.body.replaceWith(figure, ...(pictures.length > 1 ? [bar] : []))
  modal.dialog.addEventListener('keydown', ({ key }) => {
    const isMirrored = modal.dialog.matches(':dir(rtl)')
    if (key === 'ArrowLeft') turn(isMirrored ? 1 : -1)
    if (key === 'ArrowRight') turn(isMirrored ? -1 : 1)
  })
  turn(0)
}
