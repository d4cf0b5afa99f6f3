import type { Schemas } from '../lib/client'

/** How wide a button may be. */
export const WIDTHS: { value: Schemas['Width']; label: string }[] = [
  { value: 'own', label: 'as its words need' },
  { value: 'percent', label: 'part of the page' },
  { value: 'full', label: 'all of the page' },
]
