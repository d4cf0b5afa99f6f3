import type { Schemas } from '../lib/client'

export interface Strip {
  lookId: number
  words: Schemas['Word'][]
  /** As it stands in its form; left out: as it is saved. */
  look?: Schemas['LookEntry'] | undefined
  medium?: Schemas['MediumKey'] | undefined
  /** The place's own width, where it has one. */
  width?: { width: string; width_percent: string } | undefined
}

/** Where a button stands in all its states, in a strip. */
export function stripAddress(shop: string, ground: string, strip: Strip): string {
  const query = new URLSearchParams({ ground, look_id: String(strip.lookId) })
  for (const word of strip.words) query.set(`words[${word.state}]`, word.text)
  if (strip.medium) query.set('medium', strip.medium)
  if (strip.width?.width) for (const [name, value] of Object.entries(strip.width)) query.set(name, value)
  if (strip.look) query.set('look', JSON.stringify(strip.look))
  return `/preview/${shop}/button?${query.toString()}`
}
