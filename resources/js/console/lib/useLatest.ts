import { shallowRef, type ShallowRef } from 'vue'

/**
 * Runs a question again and again and keeps the answer of the latest one, whichever comes back last. Once another one is
 * asked nobody waits for the answer before it, and its signal says so.
 *
 * @param ask What is asked; its rejection is the asker's own affair.
 */
export function useLatest<Q, A>(
  ask: (question: Q, signal: AbortSignal) => Promise<A>,
): {
  answer: ShallowRef<A | null>
  run: (question: Q) => Promise<A | null>
} {
  const answer = shallowRef<A | null>(null)
  let latest = new AbortController()

  async function run(question: Q): Promise<A | null> {
    latest.abort()
    const mine = (latest = new AbortController())
    const answered = await ask(question, mine.signal)
    if (mine.signal.aborted) return null
    answer.value = answered
    return answered
  }

  return { answer, run }
}
