import type { components } from './api'

export type Widget = components['schemas']['Widget']

/** Of the form of the answers that this script knows. */
const VERSION = 1

/** So long a page that asks again and again is told what it was told before. */
const FRESH_MS = 3000

interface Asked {
  codes: Set<string>
  answer: Promise<Map<string, Widget>>
}

/** What is still to be sent, by shop: all that a page asks in one turn is one request. */
const waiting = new Map<string, Asked>()
const known = new Map<string, { widget: Widget; at: number }>()

async function ask(origin: string, codes: string[]): Promise<Map<string, Widget>> {
  const response = await fetch(`${origin}/embed/data?codes=${codes.join(',')}`, { credentials: 'omit' })
  if (!response.ok) throw new Error(`The shop answered ${response.status}.`)
  const told = (await response.json()) as components['schemas']['Widgets']
  if (told.v !== VERSION) throw new Error('The shop speaks of widgets in a form that is not known here.')
  return new Map(told.widgets.map((widget) => [widget.code, widget]))
}

function inOneTurn(origin: string, code: string): Promise<Map<string, Widget>> {
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
export async function widgetOf(origin: string, code: string): Promise<Widget | undefined> {
  const key = `${origin} ${code}`
  const kept = known.get(key)
  if (kept && Date.now() - kept.at < FRESH_MS) return kept.widget
  const widget = (await inOneTurn(origin, code)).get(code)
  if (widget) known.set(key, { widget, at: Date.now() })
  return widget
}
