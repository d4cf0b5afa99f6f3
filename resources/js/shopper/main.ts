/**
 * What moves on the shopper's pages. Every page is complete without it: a changed quantity is reckoned in when the
 * field is left, and a form is sent once however often its button is pressed.
 */
document.documentElement.classList.add('scripted')

for (const input of document.querySelectorAll<HTMLInputElement>('[data-quantity]')) {
  input.addEventListener('change', () => {
    const update = input.form?.querySelector<HTMLButtonElement>('[data-update]')
    if (update) input.form?.requestSubmit(update)
  })
}

for (const form of document.querySelectorAll<HTMLFormElement>('[data-once]')) {
  let isSent = false
  form.addEventListener('submit', (event) => {
    if (isSent) event.preventDefault()
    isSent = true
    for (const button of form.querySelectorAll('.button')) button.setAttribute('aria-disabled', 'true')
  })
  // Back from the payment page the browser may show this page as it was left.
  window.addEventListener('pageshow', () => {
    isSent = false
    for (const button of form.querySelectorAll('.button')) button.removeAttribute('aria-disabled')
  })
}

export {}
