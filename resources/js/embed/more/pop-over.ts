import type { Drawn } from '../draw'
import type { Kit } from '../kit'
import type { Part } from '../part'
import type { Around } from '../sale'
import type { Told } from '../told'
import type { At } from './at'
import { openModal } from './modal'

/**
 * All about what was clicked, with what is still to be said, and its button.
 *
 * @param first what the shop says of it now
 */
export function popUp(kit: Kit, at: At, first: Told): void {
  const modal = openModal(kit, at, 'pop', first.widget.goods?.name ?? first.widget.caption, first.words.close)
  let told = placed(first, at.part)
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
      const now = await kit.wholeOf(around.origin, at.part.told.widget)
      // What is no more is said by the shop, once it is asked for.
      if (!now || JSON.stringify(placed(now, at.part)) === JSON.stringify(told)) return
      told = placed(now, at.part)
      show()
    },
    shows: (part: Part) => drawn?.parts.includes(part) === true,
    tell: (text) => drawn?.status.replaceChildren(text),
    tellCart: () => {
      around.tellCart()
      // The mini cart comes in its place; else the widget tells what is in the cart.
      modal.close(told.widget.click === 'mini_cart')
    },
    showMiniCart: () => around.showMiniCart(at.part),
    popUp: () => Promise.resolve(),
  }
  show()
}

/** It stands where the button stands that opened it. */
function placed(told: Told, { told: { widget } }: Part): Told {
  return { ...told, widget: { ...told.widget, in: widget.in, href: widget.href } }
}
