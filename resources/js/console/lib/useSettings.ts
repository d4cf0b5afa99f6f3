import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import type { Refusal } from './client'
import { oneAtATime } from './oneAtATime'

type Outcome<T> = Promise<{ data?: T; refusal?: Refusal }>

/**
 * A form of settings: loaded once, changed here, saved as a whole.
 *
 * @param load Asks for what is saved.
 * @param save Writes the form, over a version where one is given, and answers what is saved then.
 */
export function useSettings<T>(
  load: () => Outcome<T>,
  save: (entry: T, version: number | undefined) => Outcome<T>,
): {
  entry: Ref<T | null>
  refusal: Ref<Refusal | null>
  isDirty: ComputedRef<boolean>
  wasSaved: Ref<boolean>
  change: (part: Partial<T>) => void
  load: () => Promise<void>
  submit: (over?: number) => Promise<T | null>
} {
  const entry = ref(null) as Ref<T | null>
  const saved = ref('')
  const refusal = ref<Refusal | null>(null)
  const wasSaved = ref(false)

  function take({ data, refusal: refused }: Awaited<Outcome<T>>): T | null {
    refusal.value = refused ?? null
    if (data === undefined) return null
    entry.value = data
    saved.value = JSON.stringify(data)
    return data
  }

  async function begin(): Promise<void> {
    take(await load())
  }

  onMounted(begin)

  function change(part: Partial<T>): void {
    wasSaved.value = false
    if (entry.value !== null) entry.value = { ...entry.value, ...part }
  }

  const submit = oneAtATime(async (over?: number): Promise<T | null> => {
    if (entry.value === null) return null
    const taken = take(await save(entry.value, over))
    wasSaved.value = taken !== null
    return taken
  })

  return {
    entry,
    refusal,
    isDirty: computed(() => entry.value !== null && JSON.stringify(entry.value) !== saved.value),
    wasSaved,
    change,
    load: begin,
    submit,
  }
}
