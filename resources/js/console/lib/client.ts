import createClient from 'openapi-fetch'
import type { components, paths } from './api'
import { steadyFetch, withToken } from './steady'

export type Schemas = components['schemas']

/** Why the server changed nothing: a sentence, and sentences by field. */
export type Refusal = Schemas['Refusal']

const UNREACHABLE: Refusal = {
  message: 'The server can’t be reached; nothing was changed. Check the connection and try again.',
}

export const api = createClient<paths>({
  baseUrl: '/api',
  credentials: 'same-origin',
  fetch: (request) => steadyFetch(withToken(request)),
})

type Outcome<T> = { data: T; refusal?: never; status: number } | { data?: never; refusal: Refusal; status: number }

/** Awaits an answer and turns every way of failing into a refusal that can be shown. */
export async function outcome<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Outcome<T>> {
  try {
    const { data, error, response } = await answer
    if (response.ok) return { data: data as T, status: response.status }
    return { refusal: asRefusal(error), status: response.status }
  } catch {
    return { refusal: UNREACHABLE, status: 0 }
  }
}

function asRefusal(error: unknown): Refusal {
  const isRefusal = typeof error === 'object' && error !== null && 'message' in error
  return isRefusal ? (error as Refusal) : { message: 'The server could not do this; nothing was changed. Try again.' }
}

/** The sentence at a field, where there is one. */
export function sentenceAt(refusal: Refusal | null | undefined, field: string): string | undefined {
  return refusal?.errors?.[field]?.[0]
}
