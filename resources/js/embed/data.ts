import { PATIENCE_MS, VERSION, widgetsOf, type Answer, type Shown, type Told } from './told'

/** So long a page that asks again and again is told what it was told before. */
const FRESH_MS = 3000

const KEPT_MS = 10_000

interface Asked {
  codes: Set<string>
  answer: Promise<Map<string, Shown>>
}

/** What is still to be sent, by shop: all that a page asks in one turn is one request. */
const waiting = new Map<string, Asked>()
const known = new Map<string, { told: Shown; at: number }>()

async function ask(origin: string, codes: string[], more = ''): Promise<Map<string, Shown>> {
  const response = await fetch(`${origin}/embed/data?v=${VERSION}&codes=${codes.join(',')}${more}${pastWorker()}`, {
    credentials: 'omit',
    // Its neighbour at the shop keeps it for seconds; the browser would keep it for as long again.
    cache: 'no-cache',
    signal: AbortSignal.timeout(PATIENCE_MS),
  })
  if (!response.ok) throw new Error(`The shop answered ${response.status}.`)
  const told = (await response.json()) as Answer
  if (told.v !== VERSION) throw new Error('The shop speaks of widgets in a form that is not known here.')
  const lasting = { words: told.words, changesAt: told.changes_at === null ? null : Date.parse(told.changes_at) }
  const all: [string, Shown][] = [
    ...told.widgets.map((widget): [string, Shown] => [widget.code, { widget, ...lasting }]),
    // A shop of an earlier release knows none.
    ...(told.tables ?? []).map((table): [string, Shown] => [table.code, { table, ...lasting }]),
    ...(told.shelves ?? []).map((shelf): [string, Shown] => [shelf.code, { shelf, ...lasting }]),
  ]
  // A shop's data may be of another installation than the script: it leads to pages, and runs nothing here.
  if (!all.every(([, shown]) => widgetsOf(shown).every(({ href }) => isWeb(href))))
    throw new Error('The shop leads to something that is no page.')
  return new Map(all)
}

/**
 * A service worker of the page (W3C Service Workers) may keep whatever it has once fetched, for ever: every ten seconds the
 * same is asked under another address.
 */
function pastWorker(): string {
  try {
    return navigator.serviceWorker.controller ? `&t=${Math.floor(Date.now() / KEPT_MS)}` : ''
  } catch {
    // A page in a frame may have none, and one without TLS has none.
    return ''
  }
}

function inOneTurn(origin: string, code: string): Promise<Map<string, Shown>> {
  const asked = waiting.get(origin)
  if (asked && asked.codes.size < 50) {
    asked.codes.add(code)
    return asked.answer
  }
  const codes = new Set([code])
  const answer = new Promise<void>((resolve) => setTimeout(resolve)).then(() => {
    if (waiting.get(origin)?.codes === codes) waiting.delete(origin)
    // In an order of their own, so that pages with the same widgets ask for the same address.
    return ask(origin, [...codes].sort())
  })
  waiting.set(origin, { codes, answer })
  return answer
}

/** What a widget shows now; undefined where the shop has nothing to show. */
export async function toldOf(origin: string, code: string): Promise<Shown | undefined> {
  const key = `${origin} ${code}`
  const kept = known.get(key)
  if (kept && Date.now() - kept.at < FRESH_MS && !isOver(kept.told)) return kept.told
  const told = (await inOneTurn(origin, code)).get(code)
  if (told) known.set(key, { told, at: Date.now() })
  else known.delete(key)
  return told
}

/** All about what a widget sells; undefined where there is nothing to show. */
export async function wholeOf(origin: string, { code, item }: Told['widget']): Promise<Told | undefined> {
  const shown = (await ask(origin, [code], `&whole=1${item && `&item=${encodeURIComponent(item)}`}`)).get(code)
  return shown && 'widget' in shown ? shown : undefined
}

/** Another page of a shelf; undefined where there is no such shelf. */
export async function pageOf(origin: string, code: string, page: number): Promise<Shown | undefined> {
  return (await ask(origin, [code], `&page=${page}`)).get(code)
}

/** Whether it is the address of a page, and not of a script. */
export function isWeb(address: string): boolean {
  return /^https?:\/\/./i.test(address)
}

function isOver(told: Shown): boolean {
  return told.changesAt !== null && told.changesAt <= Date.now()
}
