import { useSession } from './session'

/** What is kept in this browser of a form that was left with something unsaved in it. */
export interface Draft<T> {
  value: T
  /** The version that it began with. */
  version: number
  /** What was saved then, as JSON. */
  saved: string
  at: number
}

const KEY = 'paper-kite-drafts'
const MOST = 60

/**
 * The drafts of this person in this browser, by shop and form (`7/product/12`). Where the browser keeps nothing, or has no
 * room left, what is typed stays on the page alone.
 */
export function useKeptDrafts<T>(): {
  get: (name: string) => Draft<T> | undefined
  keep: (name: string, draft: Draft<T>) => void
  forget: (name: string) => void
} {
  const session = useSession()
  const nameOf = (name: string): string => `${session.person?.email ?? ''} ${name}`

  function all(): Record<string, Draft<T>> {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}')
      return typeof kept === 'object' && kept !== null ? (kept as Record<string, Draft<T>>) : {}
    } catch {
      return {}
    }
  }

  function write(drafts: Record<string, Draft<T>>): void {
    const newest = Object.entries(drafts)
      .sort(([, a], [, b]) => b.at - a.at)
      .slice(0, MOST)
    try {
      localStorage.setItem(KEY, JSON.stringify(Object.fromEntries(newest)))
    } catch {
      // Full, or switched off: the page still holds what was typed, and asks before it is left.
    }
  }

  return {
    get: (name) => all()[nameOf(name)],
    keep: (name, draft) => write({ ...all(), [nameOf(name)]: draft }),
    forget: (name) => {
      const { [nameOf(name)]: gone, ...others } = all()
      if (gone) write(others)
    },
  }
}
