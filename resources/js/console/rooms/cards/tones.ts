import type { Schemas } from '../../lib/client'

/** Of the words for how a card stands. */
export const tones: Record<Schemas['CardState'], string> = {
  unused: 'text-good',
  partly_used: 'text-good',
  empty: 'text-pencil',
  void: 'text-amber',
}
