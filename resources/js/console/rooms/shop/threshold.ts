import type { Schemas } from '../../lib/client'

/** A table by total takes amounts, the others whole numbers; what is neither is sent as it is typed, and refused there. */
export function threshold(table: Schemas['FeeTable'], text: string): string | number {
  return table.by !== 'total' && /^\d{1,9}$/.test(text.trim()) ? Number(text) : text
}
