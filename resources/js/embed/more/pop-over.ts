import type { Drawn } from '../draw'
import type { Kit } from '../kit'
import type { Part } from '../part'
import type { Around } from '../sale'
import type { Told } from '../told'
import type { At } from './at'
import { openModal } from './modal'

/** All about what was clicked, with what is still to be said, and its button. */
export async function popUp(kit: Kit, at: At): Promise<void> {
  const first = await whole(kit, at)
  if (!first) throw new Error('The shop shows nothing of it.')
  const modal = openModal(kit, at, 'pop', first.widget.goods?.name ?? first.widget.caption, first.words.close)
  let told = first
  let drawn: Drawn | null = null
  const { around } = at
  const show = (): void => {
    const before = drawn
    drawn = kit.draw(told, at.lang, (event, part) => void kit.clickedOn(event, part, within), at.enlarge)
    if (before) kit.carryOver(before.box, drawn.box)
    modal.body.replaceChildren(drawn.box)
  }
  const within: Around = {
    origin: around.origin,
    say: around.say,
    refresh: async () => {
      const now = await whole(kit, at)
      // What is no more is said by the button, once it is clicked.
      if (!now || JSON.stringify(now) === JSON.stringify(told)) return
      told = now
      show()
    },
    shows: (part: Part) => drawn?.parts.includes(part) === true,
    tell: (text) => drawn?.status.replaceChildren(text),
    tellCart: () => {
      around.tellCart()
      // The mini cart comes in its place; else the widget tells what is in the cart.
      modal.close(told.widget.click === 'mini_cart')
    },
    openCart: () => around.openCart(at.part),
    popUp: () => Promise.resolve(),
  }
  show()
}

/** It stands where the button stands that opened it. */
async function whole(kit: Kit, { around, part }: At): Promise<Told | undefined> {
  const told = await kit.wholeOf(around.origin, part.told.widget)
  return told && { ...told, widget: { ...told.widget, in: part.told.widget.in, href: part.told.widget.href } }
}
