import { useLocalStorage } from '@vueuse/core'
import type { Ref } from 'vue'
import type { Schemas } from '../../lib/client'

type Entry = Schemas['OfferEntry']

/** What is kept in this browser of a desk that was left: nothing on it is lost, saved or not. */
export interface Kept {
  entry: Entry
  past: Entry[]
  version: number
  saved: string
}

const MOST_DESKS = 15

/** The desks of this browser, by shop and offer (`7/12`, `7/new`). */
export function useKeptDesks(): {
  desks: Ref<Record<string, Kept>>
  keep: (which: string, kept: Kept) => void
  forget: (which: string) => void
} {
  const desks = useLocalStorage<Record<string, Kept>>('paper-kite-desks', {})

  /** A browser holds only so much: the oldest desks on which nothing is unsaved give way. */
  function keep(which: string, kept: Kept): void {
    const others = Object.entries(desks.value).filter(([name]) => name !== which)
    const settled = others.filter(([, { entry, saved }]) => JSON.stringify(entry) === saved)
    const leaving = new Set(settled.slice(0, Math.max(0, others.length + 1 - MOST_DESKS)).map(([name]) => name))
    desks.value = Object.fromEntries([...others.filter(([name]) => !leaving.has(name)), [which, kept]])
  }

  function forget(which: string): void {
    desks.value = Object.fromEntries(Object.entries(desks.value).filter(([name]) => name !== which))
  }

  return { desks, keep, forget }
}
