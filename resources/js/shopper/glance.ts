import { followChoices } from './choices'

/** Opens a product within the list: its page is fetched and shown in a dialog. Where that fails, its page is opened. */
export function glance(): void {
  document.addEventListener('click', (event) => {
    const link = event.target instanceof Element ? event.target.closest<HTMLAnchorElement>('a[data-glance]') : null
    if (!link || event.defaultPrevented || event.button !== 0 || event.ctrlKey || event.metaKey || event.shiftKey)
      return
    event.preventDefault()
    void open(link)
  })
}

async function open(link: HTMLAnchorElement): Promise<void> {
  try {
    const answer = await fetch(`${link.href}?glance=1`, { credentials: 'same-origin' })
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('.product')
    if (!answer.ok || !page) throw new Error('The answer is no product.')
    show(page)
  } catch {
    location.assign(link.href)
  }
}

function show(page: Element): void {
  const dialog = document.createElement('dialog')
  dialog.className = 'glance'
  const title = page.querySelector('h1')
  if (title) {
    title.id = 'glance-title'
    dialog.setAttribute('aria-labelledby', title.id)
  }
  const close = document.createElement('button')
  close.type = 'button'
  close.className = 'plain glance-close'
  close.textContent = document.querySelector<HTMLElement>('main')?.dataset.back ?? ''
  close.addEventListener('click', () => dialog.close())
  dialog.append(close, page)
  dialog.addEventListener('close', () => dialog.remove())
  ;(document.querySelector('main') ?? document.body).append(dialog)
  dialog.showModal()
  followChoices(dialog)
}
