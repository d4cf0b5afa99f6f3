import { ref, type Ref } from 'vue'
import { answered, isMaking, named } from './actNames'

/** How the connection stands, as far as somebody who waits must know. */
export type Trouble = 'offline' | 'failing' | 'slow'

const trouble = ref<Trouble | null>(null)

/** Waits between tries; after the last the failure is told. */
const WAITS_MS = [400, 1200, 3000, 6000]
const SLOW_MS = 6000
/** Answers of what stands before the server, or of a server that has no time: it may do the same a moment later. */
const PASSING = [502, 503, 504]
/** What is sent to be reckoned with, and changes nothing. */
const ASKING = /\/(trial|check|proof|preview|build|widget)$/
/** Who signs in, is asked for the password there. */
const SIGNING = /\/api\/(sign-in|sign-out|set-up|me$|password-links|invitations)/

let askToSignIn: (() => Promise<boolean>) | null = null
let asked: Promise<boolean> | null = null
let slow = 0

export function useTrouble(): Ref<Trouble | null> {
  return trouble
}

/** Says who is asked to sign in again; answers whether they did. */
export function signInBy(ask: (() => Promise<boolean>) | null): void {
  askToSignIn = ask
}

/**
 * Sends a request: once more where the token of the page had run out, after signing in where the session has ended, and
 * a few times where the server can't be reached and nothing can be done twice by it.
 */
export async function steadyFetch(unnamed: Request): Promise<Response> {
  const request = await named(unnamed)
  const answer = await signedIn(request)
  if (answer.status < 500) await answered(request)
  return answer
}

async function signedIn(request: Request): Promise<Response> {
  const answer = await persistently(request)
  if (answer.status === 419) return persistently(withToken(request))
  if (answer.status !== 401 || !askToSignIn || SIGNING.test(request.url) || isAside(request)) return answer
  asked ??= askToSignIn().finally(() => (asked = null))
  return (await asked) ? persistently(withToken(request)) : answer
}

async function persistently(request: Request): Promise<Response> {
  const waits = isSafe(request) ? [...WAITS_MS] : []
  for (;;) {
    const answer = await patiently(request.clone()).catch(() => null)
    // Whoever asked has asked something else since: nothing is the matter.
    request.signal.throwIfAborted()
    const wait = answer === null || PASSING.includes(answer.status) ? waits.shift() : undefined
    if (wait === undefined) {
      if (answer === null) {
        trouble.value = null
        throw new TypeError('The server can’t be reached.')
      }
      trouble.value = null
      return answer
    }
    trouble.value = navigator.onLine ? 'failing' : 'offline'
    await passed(wait)
  }
}

/** Whoever waits for long is told so. */
async function patiently(request: Request): Promise<Response> {
  let isSlow = false
  const timer = setTimeout(() => {
    isSlow = true
    slow++
    trouble.value ??= 'slow'
  }, SLOW_MS)
  try {
    return await fetch(request)
  } finally {
    clearTimeout(timer)
    if (isSlow) slow--
    if (slow === 0 && trouble.value === 'slow') trouble.value = null
  }
}

/** What is asked while somebody types or does nothing at all: no dialog comes between, what they do next brings it. */
function isAside(request: Request): boolean {
  const { pathname } = new URL(request.url)
  return request.headers.has('X-Quiet') || ASKING.test(pathname) || pathname.endsWith('/find')
}

/**
 * What is read, what is saved over a version and what is made under a name is the same however often it is asked for; a
 * password that was changed is no longer the one that is sent along.
 */
function isSafe(request: Request): boolean {
  const { pathname } = new URL(request.url)
  const isOfForm = request.method === 'PUT' && !pathname.startsWith('/api/me/')
  return (
    request.method === 'GET' || isOfForm || isMaking(request) || (request.method === 'POST' && ASKING.test(pathname))
  )
}

function passed(milliseconds: number): Promise<void> {
  return new Promise((resolve) => {
    const end = (): void => {
      window.removeEventListener('online', end)
      clearTimeout(timer)
      resolve()
    }
    const timer = setTimeout(end, milliseconds)
    window.addEventListener('online', end)
  })
}

/** Carries the token of the cookie along, so that the server knows the change comes from this page. */
export function withToken(request: Request): Request {
  const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]+)/)?.[1]
  const sent = request.clone()
  if (token) sent.headers.set('X-XSRF-TOKEN', decodeURIComponent(token))
  sent.headers.set('Accept', 'application/json')
  return sent
}
