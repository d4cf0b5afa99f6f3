import {
  computed,
  inject,
  nextTick,
  onUnmounted,
  provide,
  ref,
  shallowReactive,
  shallowRef,
  watch,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue'
import { oneAtATime } from '../../lib/oneAtATime'
import type { DraftOfForm, DraftOptions } from '../../lib/useDraft'
import { useUndoKeys } from '../../lib/useUndo'

/** A part of the page of settings: it is saved with the others, and says itself what is wrong in it. */
export interface Part {
  draft: DraftOfForm
  save: () => Promise<unknown>
  /** Puts back what is saved. */
  reload: () => Promise<void>
}

interface Page {
  join: (part: Part) => () => void
  noted: (part: Part) => void
}

const PAGE: InjectionKey<Page> = Symbol('saved together')

/** The page: one save for all of its parts, and one way back through their changes, whichever part they were in. */
export function useSavedTogether(): Page & {
  isDirty: ComputedRef<boolean>
  isWorking: Ref<boolean>
  /** Nothing was changed since all was saved. */
  wasSaved: Ref<boolean>
  /** Whether something came back that was left here unsaved. */
  wasKept: ComputedRef<boolean>
  canTakeBack: ComputedRef<boolean>
  canRedo: ComputedRef<boolean>
  takeBack: () => void
  redo: () => void
  save: () => Promise<void>
  reload: () => Promise<void>
} {
  const parts = shallowReactive(new Set<Part>())
  const isWorking = ref(false)
  const isReloading = ref(false)
  const wasSaved = ref(false)
  const isDirty = computed(() => [...parts].some(({ draft }) => draft.isDirty.value))
  /** In which parts the changes were, the last one last; and those that were taken back. */
  const past = shallowRef<Part[]>([])
  const future = shallowRef<Part[]>([])

  function join(part: Part): () => void {
    parts.add(part)
    return () => parts.delete(part)
  }

  function noted(part: Part): void {
    past.value = [...past.value, part]
    future.value = []
  }

  function takeBack(): void {
    // What was typed in the last moment is taken back first.
    for (const { draft } of parts) draft.note()
    const part = past.value.at(-1)
    if (!part) return
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, part]
    part.draft.takeBack()
  }

  function redo(): void {
    const part = future.value.at(-1)
    if (!part) return
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, part]
    part.draft.redo()
  }

  useUndoKeys(takeBack, redo)
  provide(PAGE, { join, noted })

  /** One after the other: what is wrong in one keeps none of the others from being saved. */
  const save = oneAtATime(async () => {
    isWorking.value = true
    for (const part of parts) if (part.draft.isDirty.value) await part.save()
    isWorking.value = false
  })

  async function reload(): Promise<void> {
    isReloading.value = true
    await Promise.all([...parts].filter(({ draft }) => draft.isDirty.value).map((part) => part.reload()))
    past.value = []
    future.value = []
    await nextTick()
    isReloading.value = false
  }

  // A part may be saved by itself, over what somebody else has saved.
  watch(isDirty, (is, was) => (wasSaved.value = was && !is && !isReloading.value))

  return {
    join,
    noted,
    isDirty,
    isWorking,
    wasSaved,
    wasKept: computed(() => [...parts].some(({ draft }) => draft.wasKept.value)),
    canTakeBack: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    takeBack,
    redo,
    save,
    reload,
  }
}

/** A part of a page, which hears no keys itself: what is noted in it is noted on the page. */
export function useJoined(page: Page | undefined = inject(PAGE, undefined)): {
  options: DraftOptions
  join: (part: Part) => void
} {
  let own: Part | null = null
  let leave: (() => void) | undefined
  onUnmounted(() => leave?.())

  return {
    options: { isHeard: false, noted: () => own && page?.noted(own) },
    join: (part) => {
      own = part
      leave = page?.join(part)
    },
  }
}
