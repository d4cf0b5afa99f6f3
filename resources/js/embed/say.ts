import type { PaperKiteAdded, PaperKiteFailed, PaperKiteOpened } from './page'

interface Said {
  added: PaperKiteAdded
  opened: PaperKiteOpened
  failed: PaperKiteFailed
}

/** What a widget says to its page. */
export type Say = <K extends keyof Said>(what: K, detail: Said[K]) => void
