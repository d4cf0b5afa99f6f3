import { watchDebounced } from '@vueuse/core'
import { computed, nextTick, onUnmounted, ref, type ComputedRef, type Ref, type WritableComputedRef } from 'vue'
import { useKeptDrafts } from './keptDrafts'
import { useUndo, type UndoOptions } from './useUndo'

export type DraftOptions = UndoOptions

export interface DraftOfForm {
  /** Whether something stands there that is not saved. */
  isDirty: ComputedRef<boolean>
  /** Whether what stands there was left here earlier, and came back. */
  wasKept: Ref<boolean>
  canTakeBack: ComputedRef<boolean>
  canRedo: ComputedRef<boolean>
  takeBack: () => void
  redo: () => void
  note: () => void
  /**
   * Called once what is saved stands in the form: what was left unsaved here comes back over it.
   *
   * @returns The version to save over: of what came back, the one that it began with.
   */
  begin: (version: number) => number
  /** Keeps at once what was typed in the last moment, before the form becomes that of another thing. */
  keep: () => void
  /** Called once what stands in the form is saved, as this version where the form stays open. */
  settle: (version?: number) => void
  /** Puts back what is saved. */
  drop: () => void
}

/**
 * Keeps what is typed in a form in this browser until it is saved, with the way back to it and forth again.
 *
 * @param name The form, as the browser keeps it: `mosslight/product/12`.
 * @param value All that is typed in it; it is replaced, never changed in itself.
 */
export function useDraft<T>(
  name: () => string,
  value: Ref<T | null> | WritableComputedRef<T | null>,
  options: DraftOptions = {},
): DraftOfForm {
  const drafts = useKeptDrafts<T>()
  const saved = ref('')
  const seen = ref(0)
  const wasKept = ref(false)
  const undo = useUndo(value, options)
  const isDirty = computed(
    () => saved.value !== '' && value.value !== null && JSON.stringify(value.value) !== saved.value,
  )

  function keep(): void {
    if (saved.value === '' || value.value === null) return
    if (isDirty.value)
      drafts.keep(name(), { value: value.value, version: seen.value, saved: saved.value, at: Date.now() })
    else drafts.forget(name())
  }

  watchDebounced(value, keep, { debounce: 200, deep: true })
  onUnmounted(keep)

  function begin(version: number): number {
    if (value.value === null) return version
    saved.value = JSON.stringify(value.value)
    seen.value = version
    undo.startWith(value.value, [])
    const kept = drafts.get(name())
    wasKept.value = kept !== undefined && JSON.stringify(kept.value) !== saved.value
    if (!kept || !wasKept.value) return version
    undo.startWith(kept.value, [value.value])
    seen.value = kept.version
    return kept.version
  }

  function settle(version: number = seen.value): void {
    saved.value = JSON.stringify(value.value)
    seen.value = version
    wasKept.value = false
    drafts.forget(name())
    // What is saved can be taken back, too: that is another change.
    void nextTick(keep)
  }

  function drop(): void {
    if (saved.value !== '') value.value = JSON.parse(saved.value) as T
    wasKept.value = false
    drafts.forget(name())
  }

  return { ...undo, isDirty, wasKept, begin, keep, settle, drop }
}
