import { useEventListener } from '@vueuse/core'
import { computed, shallowRef, type ComputedRef, type Ref } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { isOwnAddress } from './ownAddress'

/**
 * Asks before a view is left with something unsaved in it, inside the console and on reload.
 *
 * @param hasUnsaved Whether there is something to lose.
 */
export function useLeaveGuard(hasUnsaved: Ref<boolean>): {
  isAsking: ComputedRef<boolean>
  answer: (leaves: boolean) => void
} {
  const waiting = shallowRef<((leaves: boolean) => void) | null>(null)
  const isAsking = computed(() => waiting.value !== null)

  onBeforeRouteLeave(
    (to) => isOwnAddress(to) || !hasUnsaved.value || new Promise<boolean>((resolve) => (waiting.value = resolve)),
  )
  useEventListener(window, 'beforeunload', (event) => {
    if (hasUnsaved.value) event.preventDefault()
  })

  function answer(leaves: boolean): void {
    waiting.value?.(leaves)
    waiting.value = null
  }

  return { isAsking, answer }
}
