/** A form is sent once, however often its button is pressed. */
export function sendOnce(): void {
  const sent = new WeakSet<HTMLFormElement>()
  const buttons = (form: HTMLFormElement): NodeListOf<Element> => form.querySelectorAll('.button')

  document.addEventListener('submit', (event) => {
    const form = event.target
    if (event.defaultPrevented || !(form instanceof HTMLFormElement) || !('once' in form.dataset)) return
    if (sent.has(form)) event.preventDefault()
    sent.add(form)
    for (const button of buttons(form)) button.setAttribute('aria-disabled', 'true')
  })

  // Back from the payment page the browser may show this page as it was left.
  window.addEventListener('pageshow', () => {
    for (const form of document.querySelectorAll<HTMLFormElement>('[data-once]')) {
      sent.delete(form)
      for (const button of buttons(form)) button.removeAttribute('aria-disabled')
    }
  })
}
