import type { Price, Words } from './told'

/** An amount as the language of the page writes it. */
function amount(price: Price, decimal: string, lang: string): string {
  const digits = price.decimals
  const options = {
    style: 'currency',
    currency: price.currency,
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  } as const
  try {
    return new Intl.NumberFormat(lang || undefined, options).format(Number(decimal))
  } catch {
    // A page may name a language that there is not.
    return new Intl.NumberFormat(undefined, options).format(Number(decimal))
  }
}

export interface ShownPrice {
  now: string
  /** What it costs without the sale; blank where none is on. */
  before: string
}

export function shown(price: Price, words: Words, lang: string): ShownPrice {
  const now = amount(price, price.amount, lang)
  const around = price.varies ? words.from : price.is_each ? words.each : '{price}'
  return {
    now: around.replace('{price}', () => now),
    before: price.regular === null ? '' : amount(price, price.regular, lang),
  }
}
