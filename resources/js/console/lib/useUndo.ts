import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, ref, type ComputedRef, type Ref } from 'vue'

const MOST_KEPT = 40

/**
 * Remembers what stood in a value before each change, so that Ctrl/Cmd-Z takes it back.
 *
 * @param value What is changed; it is replaced, never changed in itself.
 * @returns `past`, to be kept and put back by the caller; `takeBack`; and whether there is anything to take back.
 */
export function useUndo<T>(value: Ref<T | null>): {
  past: Ref<T[]>
  canTakeBack: ComputedRef<boolean>
  takeBack: () => void
  startWith: (now: T, before: T[]) => void
} {
  const past = ref<T[]>([]) as Ref<T[]>
  let last: T | null = null

  // What is typed in one go is one change.
  watchDebounced(
    value,
    (now) => {
      if (now === null || last === null || JSON.stringify(now) === JSON.stringify(last)) return
      past.value = [...past.value, last].slice(-MOST_KEPT)
      last = now
    },
    { debounce: 350 },
  )

  function startWith(now: T, before: T[]): void {
    value.value = now
    last = now
    past.value = before
  }

  function takeBack(): void {
    // A change that is not remembered yet is taken back first.
    const isFresh = last !== null && JSON.stringify(value.value) !== JSON.stringify(last)
    const before = isFresh ? last : past.value.at(-1)
    if (before === null || before === undefined) return
    if (!isFresh) past.value = past.value.slice(0, -1)
    last = before
    value.value = before
  }

  useEventListener(document, 'keydown', (event) => {
    const isUndo =
      event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey && !event.altKey
    if (!isUndo || isTyping(event.target) || document.querySelector('[role="dialog"]')) return
    event.preventDefault()
    takeBack()
  })

  return { past, canTakeBack: computed(() => past.value.length > 0), takeBack, startWith }
}

/** In a field the browser takes back letters by itself. */
function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null
}
