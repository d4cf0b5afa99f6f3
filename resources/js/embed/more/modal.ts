import type { Kit } from '../kit'
import type { At } from './at'
import { SHEET } from './sheet'

/** A dialog over the page, with its own entry in the history of the tab. */
export interface Modal {
  dialog: HTMLDialogElement
  heading: HTMLElement
  /** Where its content goes. */
  body: HTMLElement
  /** @param isFollowed whether another one opens in its place, and takes its entry of the history over */
  close: (isFollowed?: boolean) => void
}

interface Open {
  dialog: HTMLDialogElement
  /** Without a step back in the history. */
  end: () => void
}

const STATE = 'paperkite'
const open: Open[] = []
const dressed = new WeakMap<ShadowRoot, CSSStyleSheet[]>()

// The way back closes what is open, the last first.
addEventListener('popstate', () => {
  while (standing().length > depth()) open.at(-1)?.end()
})

/** Those whose widget still stands on the page. */
function standing(): Open[] {
  open.splice(0, open.length, ...open.filter(({ dialog }) => dialog.isConnected))
  return open
}

function depth(): number {
  const state: unknown = history.state
  return typeof state === 'object' && state !== null && STATE in state && typeof state[STATE] === 'number'
    ? state[STATE]
    : 0
}

function enter(): void {
  if (depth() === open.length) return
  try {
    const state: unknown = history.state
    history.pushState({ ...(typeof state === 'object' ? state : {}), [STATE]: open.length }, '')
  } catch {
    // Where a page has no history, Escape and the button close it.
  }
}

/** Its own sheet and the look of the button that opens it, in place of those of the dialog before. */
function dress(kit: Kit, root: ShadowRoot, css: string): void {
  const before = dressed.get(root) ?? []
  const now = [before[0] ?? kit.sheet(SHEET), kit.sheet(`.over{${css}}`)]
  dressed.set(root, now)
  root.adoptedStyleSheets = [...root.adoptedStyleSheets.filter((one) => !before.includes(one)), ...now]
}

/** Opens a dialog in the shadow root of its widget. It holds the focus, and gives it back (HTML, the dialog element). */
export function openModal(kit: Kit, { root, part }: At, kind: string, title: string, close: string): Modal {
  dress(kit, root, part.told.widget.css)
  const heading = kit.element('h2', { tabindex: '-1', autofocus: true, dir: 'auto' }, title)
  const button = kit.element('button', { type: 'button', class: 'close' }, close)
  const body = kit.element('div', {})
  const dialog = kit.element(
    'dialog',
    { class: `over ${kind}`, part: 'dialog', 'aria-label': title, lang: part.told.words.language },
    kit.element('div', { class: 'head' }, heading, button),
    body,
  )
  root.append(dialog)
  const end = (): void => {
    const at = open.findIndex((one) => one.dialog === dialog)
    if (at >= 0) open.splice(at, 1)
    dialog.close()
    dialog.remove()
  }
  const leave = (isFollowed = false): void => {
    const isLast = standing().at(-1)?.dialog === dialog && depth() === open.length
    end()
    if (isLast && !isFollowed) history.back()
  }
  button.addEventListener('click', () => leave())
  // By Escape, and by whatever else a browser closes dialogs.
  dialog.addEventListener('close', () => open.some((one) => one.dialog === dialog) && leave())
  // A click beside it, which the dialog itself is told of.
  dialog.addEventListener('pointerdown', (event) => {
    if (event.target === dialog && isBeside(event, dialog)) leave()
  })
  standing().push({ dialog, end })
  enter()
  dialog.showModal()
  return { dialog, heading, body, close: leave }
}

function isBeside({ clientX, clientY }: PointerEvent, dialog: HTMLElement): boolean {
  const { left, right, top, bottom } = dialog.getBoundingClientRect()
  return clientX < left || clientX > right || clientY < top || clientY > bottom
}
