import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import type { Refusal } from './client'
import { oneAtATime } from './oneAtATime'
import { useDraft, type DraftOfForm, type DraftOptions } from './useDraft'

/** What is saved, and the version that it is. */
export interface Standing<T> {
  entry: T
  version: number
}

type Outcome<T> = Promise<{ data?: Standing<T>; refusal?: Refusal }>

export interface Settings<T> extends DraftOptions {
  /** The form, as the browser keeps it. */
  name: () => string
  /** Asks for what is saved. */
  load: () => Outcome<T>
  /** Writes what is sent over a version, and answers what is saved then. */
  send: (body: object, version: number) => Outcome<T>
  /** What is sent of what is typed; left out: all of it. */
  bodyOf?: (entry: T) => object
}

/** A form of settings: loaded once, changed here, kept in the browser, saved as a whole. */
export function useSettings<T extends object>(
  settings: Settings<T>,
): {
  entry: Ref<T | null>
  refusal: Ref<Refusal | null>
  isDirty: ComputedRef<boolean>
  wasSaved: Ref<boolean>
  draft: DraftOfForm
  /** What would be sent. */
  mine: ComputedRef<object | null>
  change: (part: Partial<T>) => void
  load: () => Promise<void>
  /** Puts back what is saved, by whomever. */
  reload: () => Promise<void>
  /** @param over The version to save over; left out: the one that was begun with. */
  submit: (over?: number, body?: object) => Promise<T | null>
} {
  const entry = ref(null) as Ref<T | null>
  const refusal = ref<Refusal | null>(null)
  const wasSaved = ref(false)
  const version = ref(0)
  const bodyOf = settings.bodyOf ?? ((now: T): object => now)
  const draft = useDraft(settings.name, entry, settings)

  async function begin(): Promise<void> {
    const { data, refusal: refused } = await settings.load()
    refusal.value = refused ?? null
    if (!data) return
    entry.value = data.entry
    version.value = draft.begin(data.version)
  }

  onMounted(begin)

  async function reload(): Promise<void> {
    draft.drop()
    await begin()
  }

  function change(part: Partial<T>): void {
    wasSaved.value = false
    if (entry.value !== null) entry.value = { ...entry.value, ...part }
  }

  const submit = oneAtATime(async (over?: number, body?: object): Promise<T | null> => {
    if (entry.value === null) return null
    const sent = draft.send()
    const { data, refusal: refused } = await settings.send(body ?? bodyOf(entry.value), over ?? version.value)
    refusal.value = refused ?? null
    wasSaved.value = false
    if (!data) return null
    version.value = data.version
    sent.settle(() => (entry.value = data.entry), data.version)
    wasSaved.value = !draft.isDirty.value
    return data.entry
  })

  return {
    entry,
    refusal,
    isDirty: draft.isDirty,
    wasSaved,
    draft,
    mine: computed(() => entry.value && bodyOf(entry.value)),
    change,
    load: begin,
    reload,
    submit,
  }
}
