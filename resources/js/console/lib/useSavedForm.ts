import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import type { Refusal, Schemas } from './client'
import { useDeleting } from './deleting'
import { oneAtATime } from './oneAtATime'
import { useOwnAddress } from './ownAddress'
import { useSession } from './session'
import { useDraft, type DraftOfForm } from './useDraft'

type Answer<T> = Promise<{ data?: T; refusal?: Refusal }>

interface Saved {
  id: number
  name: string
  version: number
}

export interface FormOf<Thing extends Saved, Typed, Entry> {
  kind: Schemas['Deletable']
  /** Under which the browser keeps what is typed. */
  keptAs: string
  /** Of the views of one, and of all of them. */
  views: { one: string; all: string }
  blank: Typed
  typedOf: (thing: Thing) => Typed
  entryOf: (typed: Typed) => Entry
  read: (id: number) => Answer<Thing>
  create: (entry: Entry) => Answer<Thing>
  change: (id: number, entry: Entry & { version?: number }) => Answer<Thing>
}

export interface SavedForm<Thing, Typed, Entry> {
  thing: Ref<Thing | null>
  /** `null`: not all is there yet, so that nothing typed is written over. */
  typed: Ref<Typed | null>
  /** What is sent. */
  entry: ComputedRef<Entry>
  refusal: Ref<Refusal | null>
  draft: DraftOfForm
  take: (thing: Thing) => void
  discard: () => Promise<void>
  save: (over?: number, form?: object) => Promise<void>
  remove: () => Promise<void>
}

/**
 * A thing of the shop that is typed in one form and saved as a whole: kept in the browser until it is, held against what
 * others save meanwhile, begun from another one, deleted.
 *
 * @param props the thing, or another one that a new one begins like
 */
export function useSavedForm<Thing extends Saved, Typed extends { name: string }, Entry>(
  props: { id?: number | undefined; from?: number | undefined },
  form: FormOf<Thing, Typed, Entry>,
): SavedForm<Thing, Typed, Entry> {
  const session = useSession()
  const router = useRouter()
  const goOnAt = useOwnAddress()
  const deleting = useDeleting()
  const thing = ref(null) as Ref<Thing | null>
  const typed = ref(null) as Ref<Typed | null>
  const refusal = ref<Refusal | null>(null)
  const version = ref<number | undefined>(undefined)
  const draft = useDraft(() => `${session.key}/${form.keptAs}/${thing.value?.id ?? 'new'}`, typed)
  const entry = computed(() => form.entryOf(typed.value ?? form.blank))

  function take(taken: Thing): void {
    thing.value = taken
    typed.value = form.typedOf(taken)
  }

  async function asked(id: number): Promise<Thing | undefined> {
    const { data, refusal: refused } = await form.read(id)
    refusal.value = refused ?? null
    return data
  }

  async function load(): Promise<void> {
    if (props.id) {
      const there = await asked(props.id)
      if (!there) return
      take(there)
      version.value = draft.begin(there.version)
      return
    }
    const other = props.from ? await asked(props.from) : undefined
    typed.value = { ...(other ? form.typedOf(other) : form.blank), name: '' }
    draft.begin(0)
  }

  onMounted(load)

  async function discard(): Promise<void> {
    draft.drop()
    await load()
  }

  const save = oneAtATime(async (over: number | undefined = version.value, settled?: object): Promise<void> => {
    const body = (settled as Entry | undefined) ?? entry.value
    const sent = draft.send()
    const { data, refusal: refused } = thing.value
      ? await form.change(thing.value.id, { ...body, ...(over === undefined ? {} : { version: over }) })
      : await form.create(body)
    refusal.value = refused ?? null
    if (!data) return
    sent.settle(() => take(data), data.version)
    version.value = data.version
    if (!props.id) await goOnAt({ name: form.views.one, params: { shop: session.slug, id: data.id } })
  })

  async function remove(): Promise<void> {
    if (!thing.value) return
    refusal.value = await deleting.remove(form.kind, thing.value.id, thing.value.name)
    if (refusal.value) return
    draft.drop()
    await router.push({ name: form.views.all, params: { shop: session.slug } })
  }

  return { thing, typed, entry, refusal, draft, take, discard, save, remove }
}
