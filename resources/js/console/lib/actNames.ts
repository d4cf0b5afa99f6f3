/**
 * What makes something, on the server once under each name: `tests/Feature/OnlyOnceTest` holds this to its routes.
 */
const MAKING =
  /\/api\/shops\/[^/]+\/(products(\/\d+\/duplicate)?|offers(\/examples\/table|\/\d+\/(duplicate|placements))?|(price-tables|shelves)(\/\d+\/places)?|looks|orders\/\d+\/downloads\/\d+\/fresh|gift-cards\/\d+\/send|partners\/ready\/[^/]+|marketplaces|invitations|rules\/first-(zone|rate)|coupons)$/

const HEADER = 'Idempotency-Key'
const KEPT_AS = 'kite-act '
/** An act that the server remembers no longer would be a new one under its old name, too. */
const REMEMBERED_MS = 20 * 60 * 60 * 1000

interface KeptName {
  name: string
  at: number
}

/** Those whose answer nobody has seen: they are asked for under the same name again, after a reload, too. */
const unanswered = new Map<string, KeptName>()

export function isMaking(request: Request): boolean {
  return request.method === 'POST' && MAKING.test(new URL(request.url).pathname)
}

/** Names what is made, so that it is made once however often it is sent. */
export async function named(request: Request): Promise<Request> {
  if (!isMaking(request)) return request
  const what = await said(request)
  const kept = unanswered.get(what) ?? stored(what)
  const name = kept !== null && Date.now() - kept.at < REMEMBERED_MS ? kept : { name: newName(), at: Date.now() }
  unanswered.set(what, name)
  store(what, name)
  const sent = request.clone()
  sent.headers.set(HEADER, name.name)
  return sent
}

/** What is answered is done, or refused for good: the next act like it is another. */
export async function answered(request: Request): Promise<void> {
  if (!isMaking(request)) return
  const what = await said(request)
  unanswered.delete(what)
  try {
    sessionStorage.removeItem(KEPT_AS + what)
  } catch {
    // Kept nowhere.
  }
}

async function said(request: Request): Promise<string> {
  return `${new URL(request.url).pathname} ${await request.clone().text()}`
}

/** A name that nothing else has, for an act. */
export function newName(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

function stored(what: string): KeptName | null {
  try {
    const kept: unknown = JSON.parse(sessionStorage.getItem(KEPT_AS + what) ?? 'null')
    return isName(kept) ? kept : null
  } catch {
    return null
  }
}

function store(what: string, name: KeptName): void {
  try {
    sessionStorage.setItem(KEPT_AS + what, JSON.stringify(name))
  } catch {
    // It is known until the page is left.
  }
}

function isName(kept: unknown): kept is KeptName {
  return typeof kept === 'object' && kept !== null && 'name' in kept && 'at' in kept
}
