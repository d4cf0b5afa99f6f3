import { showCountOf } from './count'

/**
 * Works a changed quantity, country or coupon into the bill without leaving the page: the form is sent as it would be
 * without script, and what comes back takes the place of what is shown. Where that fails, the form is sent as usual.
 */
export function reckonLive(): void {
  watchPresses()
  document.addEventListener('change', (event) => {
    const input = event.target
    if (!(input instanceof HTMLInputElement || input instanceof HTMLSelectElement) || !('reckon' in input.dataset))
      return
    const update = input.form?.querySelector<HTMLButtonElement>('[data-update]')
    if (update) input.form?.requestSubmit(update)
  })

  document.addEventListener('submit', (event) => {
    const form = event.target
    const button = event.submitter
    if (!(form instanceof HTMLFormElement) || !('live' in form.dataset) || !(button instanceof HTMLButtonElement))
      return
    if (!['update', 'apply', 'remove', 'remove_coupon'].includes(button.name)) return
    event.preventDefault()
    replaceBy(form, button)
  })
}

/** The goods and the bill alone: a style of the page would be held against the policy of this one, and complained of. */
function mainOf(page: string): HTMLElement | null {
  const main = /<main[\s\S]*<\/main>/.exec(page)?.[0] ?? ''
  return new DOMParser().parseFromString(main, 'text/html').querySelector('main')
}

/** Counts what was asked: only the answer to the last question is shown. */
let asked = 0

/** Each change is sent when the one before it was answered, so that the shop keeps them in the order in which they were made. */
let answered: Promise<void> = Promise.resolve()

function replaceBy(form: HTMLFormElement, button: HTMLButtonElement): void {
  const mine = ++asked
  const body = new URLSearchParams()
  for (const [name, value] of new FormData(form, button)) if (typeof value === 'string') body.append(name, value)
  form.setAttribute('aria-busy', 'true')

  answered = answered
    .then(() => fetch(form.action, { method: 'POST', body, credentials: 'same-origin' }))
    .then((answer) => answer.text())
    .then(whenReleased)
    .then((page) => {
      if (mine === asked) show(page, body)
    })
    .catch(() => {
      if (mine === asked) sendAsUsual(form, button)
    })
}

let isPressed = false
const release = new EventTarget()

/** A button that is just being pressed stays where it is until the press is over: the click would find nothing. */
function whenReleased(page: string): string | Promise<string> {
  if (!isPressed) return page

  return new Promise((resolve) => release.addEventListener('released', () => resolve(page), { once: true }))
}

function watchPresses(): void {
  document.addEventListener('pointerdown', () => (isPressed = true))
  for (const end of ['pointerup', 'pointercancel'])
    document.addEventListener(end, () => {
      isPressed = false
      // The click comes after the release.
      setTimeout(() => release.dispatchEvent(new Event('released')))
    })
}

function show(page: string, sent: URLSearchParams): void {
  const fresh = mainOf(page)
  const shown = document.querySelector('main')
  if (!fresh || !shown) throw new Error('The answer is no page of the shop.')
  keepTypedMeanwhile(shown, fresh, sent)
  const focused = document.activeElement?.id
  shown.replaceChildren(...fresh.childNodes)
  showCountOf(page)
  if (focused) document.getElementById(focused)?.focus()
}

const TYPED = 'input:not([type=hidden], [type=checkbox], [type=radio]), textarea'

/** What was typed after the question went out isn't in the answer: it moves over to the new fields. */
function keepTypedMeanwhile(shown: HTMLElement, fresh: HTMLElement, sent: URLSearchParams): void {
  for (const field of shown.querySelectorAll<HTMLInputElement>(TYPED)) {
    const known = sent.get(field.name)
    const successor = fresh.querySelector<HTMLInputElement>(`[name="${CSS.escape(field.name)}"]`)
    if (known !== null && known !== field.value && successor) successor.value = field.value
  }
}

function sendAsUsual(form: HTMLFormElement, button: HTMLButtonElement): void {
  const again = document.createElement('input')
  again.type = 'hidden'
  again.name = button.name
  again.value = button.value
  form.append(again)
  form.submit()
}
