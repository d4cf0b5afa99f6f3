import type { Ref, WritableComputedRef } from 'vue'

/**
 * Called as a form is sent: whoever goes on typing while the answer is on its way has more than what is saved then.
 *
 * @param value What is typed; it is replaced, never changed in itself.
 * @returns Puts into the form what is saved; what was typed meanwhile stays over it.
 */
export function goingOn<T>(value: Ref<T | null> | WritableComputedRef<T | null>): (put: () => void) => void {
  const sent = JSON.stringify(value.value)
  return (put) => {
    const now = value.value
    const goesOn = now !== null && JSON.stringify(now) !== sent
    put()
    if (goesOn) value.value = now
  }
}
