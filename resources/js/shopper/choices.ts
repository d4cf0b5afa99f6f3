import { isThere, variantOf } from '../shared/variants'

interface Choice {
  choices: string[]
  price: string
  was: string | null
  stock: string
  isSoldOut: boolean
  picture: string | null
  when: string
}

/** Shows price, stock and picture of what is chosen, for each of the goods on a page, and marks the choices that are sold out. */
export function followChoices(within: ParentNode = document): void {
  for (const group of within.querySelectorAll<HTMLElement>('[data-variants]')) followChoicesOf(group)
}

function followChoicesOf(group: HTMLElement): void {
  const variants = JSON.parse(group.dataset.variants ?? '[]') as Choice[]
  const options = [...group.querySelectorAll('fieldset')]
  const scope = group.closest<HTMLElement>('[data-goods], dialog') ?? document
  const show = (): void => {
    const chosen = options.map((option) => option.querySelector<HTMLInputElement>('input:checked')?.value)
    markSoldOut(options, chosen, variants)
    const variant = variantOf(variants, chosen)
    if (variant) showVariant(scope, variant)
  }
  group.addEventListener('change', show)
  show()
}

function showVariant(scope: ParentNode, variant: Choice): void {
  const put = (selector: string, text: string): void => {
    const element = scope.querySelector(selector)
    if (element) element.textContent = text
  }
  put('[data-price]', variant.price)
  put('[data-was]', variant.was ?? '')
  put('[data-stock]', variant.stock)
  put('[data-when]', variant.when)
  const lead = scope.querySelector<HTMLImageElement>('[data-lead]')
  if (lead) showPicture(lead, variant.picture)
}

/** @param path of the variant's own picture; `null`: as the page began */
function showPicture(lead: HTMLImageElement, path: string | null): void {
  lead.dataset.lead ||= lead.currentSrc || lead.src
  const shown = path ?? lead.dataset.lead
  if (new URL(shown, location.href).href === lead.currentSrc) return
  // What the picture offers besides is of the one before.
  for (const source of lead.parentElement?.querySelectorAll('source') ?? []) source.remove()
  lead.src = shown
}

/** A choice is marked where, with the others as they stand, nothing of it is to be had. It can still be looked at. */
function markSoldOut(options: HTMLFieldSetElement[], chosen: (string | undefined)[], variants: Choice[]): void {
  options.forEach((option, index) => {
    for (const input of option.querySelectorAll('input')) {
      const hasAny = isThere(variants, ({ isSoldOut }) => isSoldOut, chosen, index, input.value)
      input.parentElement?.classList.toggle('sold-out', !hasAny)
    }
  })
}
