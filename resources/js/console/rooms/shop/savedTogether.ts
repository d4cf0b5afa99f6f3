import {
  computed,
  inject,
  nextTick,
  onUnmounted,
  provide,
  ref,
  shallowReactive,
  watch,
  type ComputedRef,
  type InjectionKey,
  type Ref,
} from 'vue'
import { oneAtATime } from '../../lib/oneAtATime'

/** A part of the page of settings: it is saved with the others, and says itself what is wrong in it. */
export interface Part {
  isDirty: Readonly<Ref<boolean>>
  save: () => Promise<unknown>
  /** Puts back what is saved. */
  reload: () => Promise<void>
}

const JOIN: InjectionKey<(part: Part) => () => void> = Symbol('saved together')

/** The page: one save for all of its parts. */
export function useSavedTogether(): {
  join: (part: Part) => () => void
  isDirty: ComputedRef<boolean>
  isWorking: Ref<boolean>
  /** Nothing was changed since all was saved. */
  wasSaved: Ref<boolean>
  save: () => Promise<void>
  reload: () => Promise<void>
} {
  const parts = shallowReactive(new Set<Part>())
  const isWorking = ref(false)
  const isReloading = ref(false)
  const wasSaved = ref(false)
  const isDirty = computed(() => [...parts].some((part) => part.isDirty.value))

  function join(part: Part): () => void {
    parts.add(part)
    return () => parts.delete(part)
  }

  provide(JOIN, join)

  /** One after the other: what is wrong in one keeps none of the others from being saved. */
  const save = oneAtATime(async () => {
    isWorking.value = true
    for (const part of parts) if (part.isDirty.value) await part.save()
    isWorking.value = false
  })

  async function reload(): Promise<void> {
    isReloading.value = true
    await Promise.all([...parts].filter((part) => part.isDirty.value).map((part) => part.reload()))
    await nextTick()
    isReloading.value = false
  }

  // A part may be saved by itself, over what somebody else has saved.
  watch(isDirty, (is, was) => (wasSaved.value = was && !is && !isReloading.value))

  return { join, isDirty, isWorking, wasSaved, save, reload }
}

export function savesTogether(part: Part): void {
  const leave = inject(JOIN)?.(part)
  onUnmounted(() => leave?.())
}
