import type { Told } from './told'

/** Half of a widget has to stand on the screen for so long before it counts as seen. */
const SEEN_MS = 1000

const SHARE = 0.5

/** What was seen and is still to be told, by shop. */
const seen = new Map<string, Set<string>>()
const counted = new Set<string>()
let pending: ReturnType<typeof setTimeout> | undefined

/** Tells the shop what happened here; whether it arrives is nobody's business on this page. */
function tell(origin: string, what: Record<string, string>): void {
  try {
    navigator.sendBeacon(`${origin}/embed/seen`, new URLSearchParams(what))
  } catch {
    // A page may forbid it.
  }
}

function tellSeen(): void {
  clearTimeout(pending)
  pending = undefined
  for (const [origin, codes] of seen) tell(origin, { view: [...codes].join(',') })
  seen.clear()
}

addEventListener('pagehide', tellSeen)

/** Counts a widget as seen once a page load. Returns what ends the watching. */
export function watch(element: Element, origin: string, code: string): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  const key = `${origin} ${code}`
  const observer = new IntersectionObserver(
    ([entry]) => {
      clearTimeout(timer)
      if (entry && entry.intersectionRatio >= SHARE) timer = setTimeout(count, SEEN_MS)
    },
    { threshold: SHARE },
  )
  const end = (): void => {
    clearTimeout(timer)
    observer.disconnect()
  }
  const count = (): void => {
    end()
    if (counted.has(key)) return
    counted.add(key)
    seen.set(origin, (seen.get(origin) ?? new Set()).add(code))
    pending ??= setTimeout(tellSeen, SEEN_MS)
  }
  if (!counted.has(key)) observer.observe(element)
  return end
}

/** Counts a click that leads nowhere by itself; one that follows a link is counted there. */
export function clicked(origin: string, { code, in: display }: Told['widget']): void {
  tell(origin, { click: code, in: display })
}
