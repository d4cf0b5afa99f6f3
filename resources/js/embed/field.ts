type Field = HTMLInputElement | HTMLSelectElement

/** What stays the same when a widget is drawn anew: its name, and in which of the widget's forms it is. */
function key(field: Element): string {
  const form = field.closest('form')
  const forms = [...(field.closest('.kite')?.querySelectorAll('form') ?? [])]
  const value = field instanceof HTMLInputElement && field.type === 'radio' ? field.value : ''
  return `${form ? forms.indexOf(form) : ''} ${field.getAttribute('name') ?? field.className} ${value}`
}

function fields(box: HTMLElement): Field[] {
  return [...box.querySelectorAll<Field>('input, select')]
}

/** What was typed and chosen in a widget stays when it is drawn anew, as far as it is still asked. */
export function carryOver(before: HTMLElement, now: HTMLElement): void {
  for (const field of fields(before)) {
    const same = fields(now).find((other) => key(other) === key(field))
    if (same instanceof HTMLInputElement && field instanceof HTMLInputElement && field.type === 'radio')
      same.checked = field.checked
    else if (
      same &&
      (same instanceof HTMLInputElement || [...same.options].some(({ value }) => value === field.value))
    ) {
      same.value = field.value
      same.dispatchEvent(new Event('change'))
    }
  }
}

/** Puts a widget in the place of another; whoever was at a field or at the button is there again. */
export function replace(root: ShadowRoot, box: HTMLElement): void {
  const focused = root.activeElement
  const at = focused && key(focused)
  const before = root.querySelector('.kite')
  // What is open over the page stays open.
  if (before) before.replaceWith(box)
  else root.append(box)
  if (!at) return
  const same = [...box.querySelectorAll<HTMLElement>('input, select, .button, .image')].find(
    (field) => key(field) === at,
  )
  same?.focus()
}
