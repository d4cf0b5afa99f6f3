import { shallowRef, type ShallowRef } from 'vue'

/**
 * Runs a question again and again and keeps the answer of the latest one, whichever comes back last.
 *
 * @param ask What is asked; its rejection is the asker's own affair.
 */
export function useLatest<Q, A>(
  ask: (question: Q) => Promise<A>,
): {
  answer: ShallowRef<A | null>
  run: (question: Q) => Promise<A | null>
} {
  const answer = shallowRef<A | null>(null)
  let latest = 0

  async function run(question: Q): Promise<A | null> {
    const mine = ++latest
    const answered = await ask(question)
    if (mine !== latest) return null
    answer.value = answered
    return answered
  }

  return { answer, run }
}
