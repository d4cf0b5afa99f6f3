import { watchDebounced } from '@vueuse/core'
import { computed, nextTick, onUnmounted, ref, type ComputedRef, type Ref, type WritableComputedRef } from 'vue'
import type { Refusal } from './client'
import { goingOn } from './goingOn'
import { useKeptDrafts } from './keptDrafts'
import { useUndo, type UndoOptions } from './useUndo'

export type DraftOptions = UndoOptions

/** A form that was sent, while the answer is on its way. */
export interface Sent {
  /** Whether the form is still that of what was sent, or has become that of another thing. */
  isHere: () => boolean
  /**
   * Called once it is saved. What was typed meanwhile stays in the form, unsaved, as does what is typed in the form of
   * another thing.
   *
   * @param put Puts into the form what is saved; left out: that is what was sent.
   * @param version Which version that is; left out: the one that was begun with.
   */
  settle: (put?: () => void, version?: number) => void
  /** Why it was not, as it is told: in the form of another thing only what it is called can be said, nothing put right. */
  told: (refusal: Refusal | undefined, name: string) => Refusal | null
}

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
  /** Called as the form is sent. */
  send: () => Sent
  /** Puts back what is saved. */
  drop: () => void
}

/**
 * Keeps what is typed in a form in this browser until it is saved, with the way back to it and forth again.
 *
 * @param name The form, as the browser keeps it: `7/product/12`, the shop first.
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

  function send(): Sent {
    const of = name()
    const json = JSON.stringify(value.value)
    const goOn = goingOn(value)
    const isHere = (): boolean => name() === of

    function settle(put = (): void => void (value.value = JSON.parse(json) as T), version?: number): void {
      if (JSON.stringify(drafts.get(of)?.value) === json) drafts.forget(of)
      if (!isHere()) return
      drafts.forget(of)
      wasKept.value = false
      goOn(() => {
        put()
        saved.value = JSON.stringify(value.value)
        seen.value = version ?? seen.value
      })
      // What is saved can be taken back, too: that is another change.
      void nextTick(keep)
    }

    function told(refusal: Refusal | undefined, thing: string): Refusal | null {
      if (!refusal || isHere()) return refusal ?? null
      return { message: `“${thing}” was not saved: ${refusal.message}` }
    }

    return { isHere, settle, told }
  }

  function drop(): void {
    if (saved.value !== '') value.value = JSON.parse(saved.value) as T
    wasKept.value = false
    drafts.forget(name())
  }

  return { ...undo, isDirty, wasKept, begin, keep, send, drop }
}
