import { showCount } from './count'

interface Added {
  go: string | null
  count?: number
  notice?: string
  noticeAddress?: string
  noticeWords?: string
}

/**
 * Adds to the cart without leaving the page: the form is sent as it would be without script. What follows, going
 * somewhere or staying with a notice, is the shop's to say. Where nothing answers, the page stays; where the answer is
 * none, the form is sent as usual.
 */
export function addInPlace(): void {
  document.addEventListener('submit', (event) => {
    const form = event.target
    const button = event.submitter
    if (!(form instanceof HTMLFormElement) || !('add' in form.dataset) || !(button instanceof HTMLButtonElement)) return
    event.preventDefault()
    if (form.getAttribute('aria-busy') !== 'true') void add(form, button)
  })
}

async function add(form: HTMLFormElement, button: HTMLButtonElement): Promise<void> {
  const caption = button.textContent
  form.setAttribute('aria-busy', 'true')
  button.textContent = button.dataset.working ?? caption
  refuse(form, '')
  try {
    const body = new URLSearchParams()
    for (const [name, value] of new FormData(form, button)) if (typeof value === 'string') body.append(name, value)
    const answer = await fetch(form.action, {
      method: 'POST',
      body,
      credentials: 'same-origin',
      headers: { Accept: 'application/json' },
    }).catch(() => null)
    if (answer === null) {
      button.textContent = caption
      refuse(form, document.querySelector<HTMLElement>('main')?.dataset.offline ?? '')
      form.removeAttribute('aria-busy')
      return
    }
    const said: unknown = await answer.json()
    if (answer.status === 422) {
      button.textContent = caption
      refuse(form, hasMessage(said) ? said.message : '')
    } else if (isAdded(said)) {
      follow(said, button, caption)
    } else {
      throw new Error('The answer is none to adding.')
    }
  } catch {
    button.textContent = caption
    const to = document.createElement('input')
    to.type = 'hidden'
    to.name = button.name
    to.value = button.value
    form.append(to)
    form.submit()
  }
  form.removeAttribute('aria-busy')
}

function follow(added: Added, button: HTMLButtonElement, caption: string): void {
  if (added.go !== null) {
    location.assign(added.go)
    return
  }
  if (added.count !== undefined) showCount(added.count)
  button.textContent = button.dataset.added ?? caption
  setTimeout(() => (button.textContent = caption), 2500)
  const place = document.querySelector('dialog[open]') ?? document.body
  document.querySelector('.added-notice')?.remove()
  if (!added.notice) return
  const notice = document.createElement('p')
  notice.className = 'notice added-notice'
  notice.setAttribute('role', 'status')
  notice.dir = 'auto'
  const link = document.createElement('a')
  link.href = added.noticeAddress ?? '/cart'
  link.textContent = added.noticeWords ?? ''
  place.append(notice)
  // An element that is there before its words are is read out when they come.
  requestAnimationFrame(() => notice.append(`${added.notice} `, link))
}

function refuse(form: HTMLFormElement, message: string): void {
  const place = form.querySelector<HTMLElement>('[data-refused]')
  if (!place) return
  place.hidden = message === ''
  place.textContent = message
}

function hasMessage(said: unknown): said is { message: string } {
  return typeof said === 'object' && said !== null && 'message' in said && typeof said.message === 'string'
}

function isAdded(said: unknown): said is Added {
  return typeof said === 'object' && said !== null && 'go' in said
}
