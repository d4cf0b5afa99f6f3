import { useIntervalFn } from '@vueuse/core'

const EVERY_MILLISECONDS = 1_000

/** Asks again each second for as long as something is under way; ends with the view. */
export function useRefreshing(isUnderWay: () => boolean, ask: () => Promise<void>): void {
  let isAsking = false
  useIntervalFn(async () => {
    if (isAsking || !isUnderWay()) return
    isAsking = true
    await ask()
    isAsking = false
  }, EVERY_MILLISECONDS)
}
