import type { Schemas } from '../../lib/client'

interface SheetColumn {
  key: 'sku' | 'price' | 'stock' | 'weight' | 'begins' | 'ends' | 'place'
  title: string
  mode: 'text' | 'decimal' | 'numeric'
  type?: string
}

/** What the sheet of variants asks of each, by the parts of the form that the product's kind has. */
export function columnsOf(parts: Schemas['ProductPart'][]): SheetColumn[] {
  const hasDates = parts.includes('dates')
  const weight: SheetColumn[] = [{ key: 'weight', title: 'Grams', mode: 'decimal' }]
  const dates: SheetColumn[] = [
    { key: 'begins', title: 'Begins', mode: 'text', type: 'datetime-local' },
    { key: 'ends', title: 'Ends', mode: 'text', type: 'datetime-local' },
    { key: 'place', title: 'Place', mode: 'text' },
  ]

  return [
    { key: 'sku', title: 'SKU', mode: 'text' },
    { key: 'price', title: 'Own price', mode: 'decimal' },
    { key: 'stock', title: hasDates ? 'Seats' : 'Stock', mode: 'numeric' },
    ...(parts.includes('shipping') ? weight : []),
    ...(hasDates ? dates : []),
  ]
}
