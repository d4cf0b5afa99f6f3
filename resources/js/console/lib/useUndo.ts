import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, ref, type ComputedRef, type Ref, type WritableComputedRef } from 'vue'

const MOST_KEPT = 40

export interface Undo<T> {
  /** Earlier values, the last one last; kept and put back by the caller. */
  past: Ref<T[]>
  canTakeBack: ComputedRef<boolean>
  canRedo: ComputedRef<boolean>
  takeBack: () => void
  redo: () => void
  /** Remembers at once what was typed in the last moment. */
  note: () => void
  /** Begins with what stands there now; `before` can be taken back to. */
  startWith: (now: T, before: T[]) => void
}

export interface UndoOptions {
  /** Whether the keys are heard here; else by whoever holds several together. */
  isHeard?: boolean
  /** Called with each change that is remembered. */
  noted?: () => void
}

/**
 * Remembers what stood in a value before each change, so that Ctrl/Cmd-Z takes it back, and Ctrl/Cmd-Shift-Z or Ctrl-Y
 * does it again.
 *
 * @param value What is changed; it is replaced, never changed in itself.
 */
export function useUndo<T>(
  value: Ref<T | null> | WritableComputedRef<T | null>,
  { isHeard = true, noted = () => undefined }: UndoOptions = {},
): Undo<T> {
  const past = ref<T[]>([]) as Ref<T[]>
  const future = ref<T[]>([]) as Ref<T[]>
  let last: T | null = null

  const isSame = (a: T | null, b: T | null): boolean => JSON.stringify(a) === JSON.stringify(b)

  /** What is typed in one go is one change. */
  function note(): void {
    const now = value.value
    if (now === null || last === null || isSame(now, last)) return
    past.value = [...past.value, last].slice(-MOST_KEPT)
    future.value = []
    last = now
    noted()
  }

  watchDebounced(value, note, { debounce: 350, deep: true })

  function startWith(now: T, before: T[]): void {
    value.value = now
    last = now
    past.value = before
    future.value = []
  }

  function takeBack(): void {
    // A change that is not remembered yet is taken back first.
    note()
    const before = past.value.at(-1)
    if (before === undefined || last === null) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, last]
    last = before
    value.value = before
  }

  function redo(): void {
    const next = future.value.at(-1)
    if (next === undefined || last === null || !isSame(value.value, last)) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, last]
    last = next
    value.value = next
  }

  if (isHeard) useUndoKeys(takeBack, redo)

  return {
    past,
    canTakeBack: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    takeBack,
    redo,
    note,
    startWith,
  }
}

/** Ctrl/Cmd-Z takes back; Ctrl/Cmd-Shift-Z and Ctrl-Y do it again. */
export function useUndoKeys(takeBack: () => void, redo: () => void): void {
  useEventListener(document, 'keydown', (event) => {
    const key = event.key.toLowerCase()
    const isMeant = (event.ctrlKey || event.metaKey) && !event.altKey && (key === 'z' || (key === 'y' && event.ctrlKey))
    if (!isMeant || isTyping(event.target) || document.querySelector('[role="dialog"]')) return
    event.preventDefault()
    if (key === 'y' || event.shiftKey) redo()
    else takeBack()
  })
}

/** In a field the browser takes back letters by itself. */
function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.closest('input, textarea, [contenteditable]') !== null
}
