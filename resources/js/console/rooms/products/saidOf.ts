import type { Schemas } from '../../lib/client'

type Entry = Schemas['ProductEntry']

/** What is set in a part of a product's form, in a line, where the part is shut. */
export const saidOf = {
  variants: ({ options, variants }: Entry): string =>
    options.length === 0 ? 'None: there is one kind of it.' : `${variants.length} variants, by ${names(options)}.`,

  stock(entry: Entry): string {
    if (entry.options.length > 0) return 'Counted by variant.'
    if (!entry.tracks_stock) return 'Not counted.'
    return `${entry.stock || '0'} left${entry.allows_back_order ? ', orders taken at zero' : ''}.`
  },

  shipping({ weight, weight_unit, shipping_first }: Entry): string {
    const weighs = weight === '' ? 'No weight' : `${weight} ${weight_unit}`
    return shipping_first === '' ? `${weighs}, the shop’s fees.` : `${weighs}, a fee of its own.`
  },

  tax: ({ tax_class, cost }: Entry): string =>
    `Taxed as “${tax_class}”; ${cost === '' ? 'what it costs you is not known' : `costs you ${cost}`}.`,

  attributes: ({ traits }: Entry): string => (traits.length === 0 ? 'None.' : `${names(traits)}.`),
}

function names(things: readonly { name: string }[]): string {
  return things.map(({ name }) => name).join(', ')
}
