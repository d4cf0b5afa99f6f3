/**
 * Works a changed quantity, country or coupon into the bill without leaving the page: the form is sent as it would be
 * without script, and what comes back takes the place of what is shown. Where that fails, the form is sent as usual.
 */
export function reckonLive(): void {
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
    void replaceBy(form, button)
  })
}

/** The goods and the bill alone: a style of the page would be held against the policy of this one, and complained of. */
function mainOf(page: string): HTMLElement | null {
  const main = /<main[\s\S]*<\/main>/.exec(page)?.[0] ?? ''
  return new DOMParser().parseFromString(main, 'text/html').querySelector('main')
}

/** Counts what was asked: an answer that comes after a later question was put is an old one. */
let asked = 0

async function replaceBy(form: HTMLFormElement, button: HTMLButtonElement): Promise<void> {
  const mine = ++asked
  form.setAttribute('aria-busy', 'true')
  try {
    const body = new URLSearchParams()
    for (const [name, value] of new FormData(form, button)) if (typeof value === 'string') body.append(name, value)
    const answer = await fetch(form.action, { method: 'POST', body, credentials: 'same-origin' })
    const page = await answer.text()
    if (mine !== asked) return
    const fresh = mainOf(page)
    const shown = document.querySelector('main')
    if (!fresh || !shown) throw new Error('The answer is no page of the shop.')
    const focused = document.activeElement?.id
    shown.replaceChildren(...fresh.childNodes)
    if (focused) document.getElementById(focused)?.focus()
  } catch {
    if (mine !== asked) return
    const again = document.createElement('input')
    again.type = 'hidden'
    again.name = button.name
    again.value = button.value
    form.append(again)
    form.submit()
  }
}
