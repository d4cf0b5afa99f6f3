import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

type Entry = Schemas['LookEntry']
type Answer = Promise<{ data?: Schemas['LookList']; refusal?: Refusal }>

/**
 * The looks of the shop, and the one that is being changed, tried at every change before it is saved.
 *
 * @param first The one that is shown at first; where there is none such, the usual one.
 */
export function useLooks(first: number): {
  looks: Ref<Schemas['Look'][]>
  chosen: ComputedRef<Schemas['Look'] | undefined>
  entry: Ref<Entry | null>
  trial: ComputedRef<Schemas['LookTrial'] | null>
  refusal: Ref<Refusal | null>
  isDirty: ComputedRef<boolean>
  draft: DraftOfForm
  search: Ref<string>
  found: Ref<number[] | null>
  choose: (id: number) => void
  beginFrom: (look: Schemas['Look']) => void
  load: () => Promise<void>
  save: (over?: number, form?: object) => Promise<void>
  putBack: () => Promise<void>
  makeUsual: () => Promise<void>
  putAway: (look: Schemas['Look'], isAway: boolean) => Promise<void>
} {
  const session = useSession()
  const looks = ref<Schemas['Look'][]>([])
  const chosenId = ref<number | null>(null)
  const entry = ref<Entry | null>(null)
  const refusal = ref<Refusal | null>(null)
  const chosen = computed(() => looks.value.find(({ id }) => id === chosenId.value))
  const version = ref(0)
  const draft = useDraft(() => `${session.key}/look/${chosenId.value ?? 'new'}`, entry)
  // A new one is to be saved as it is.
  const isDirty = computed(() => entry.value !== null && (draft.isDirty.value || chosenId.value === null))
  const latest = useLatest((tried: Entry, signal) =>
    outcome(api.POST('/shops/{shop}/looks/trial', { signal, params: { path: { shop: session.slug } }, body: tried })),
  )

  const search = ref('')
  /** The ids of those that fit what was typed; `null`: nothing was. */
  const found = ref<number[] | null>(null)
  watchDebounced(
    search,
    async (typed) => {
      const { data } = await outcome(
        api.GET('/shops/{shop}/looks', { params: { path: { shop: session.slug }, query: { search: typed } } }),
      )
      if (typed === search.value) found.value = typed === '' ? null : (data?.items ?? []).map(({ id }) => id)
    },
    { debounce: 120 },
  )

  /** The look that is shown stays the one that is shown; at first it is the usual one. */
  async function load(): Promise<void> {
    const answer = await outcome(api.GET('/shops/{shop}/looks', { params: { path: { shop: session.slug } } }))
    refusal.value = answer.refusal ?? null
    looks.value = answer.data?.items ?? []
    const shown =
      chosen.value ?? looks.value.find(({ id }) => id === first) ?? looks.value.find(({ is_usual }) => is_usual)
    if (shown) choose(shown.id)
  }

  onMounted(load)

  watchDebounced(entry, (tried) => tried && latest.run(tried), { debounce: 80 })

  function choose(id: number): void {
    draft.keep()
    show(id)
  }

  function show(id: number): void {
    chosenId.value = id
    refusal.value = null
    entry.value = chosen.value ? { ...chosen.value.entry } : null
    version.value = draft.begin(chosen.value?.version ?? 0)
  }

  /** A new look begins as another one is. */
  function beginFrom(look: Schemas['Look']): void {
    draft.keep()
    chosenId.value = null
    refusal.value = null
    entry.value = { ...look.entry, name: '' }
    draft.begin(0)
  }

  const save = oneAtATime(async (over?: number, form?: object): Promise<void> => {
    const body = (form as Entry | undefined) ?? entry.value
    if (!body) return
    const path = { shop: session.slug }
    const name = body.name.trim()
    const old = chosen.value
    const sent = draft.send()
    const { data, refusal: refused } = await (old
      ? outcome(
          api.PUT('/shops/{shop}/looks/{look}', {
            params: { path: { ...path, look: old.id } },
            body: { ...body, version: over ?? version.value },
          }),
        )
      : outcome(api.POST('/shops/{shop}/looks', { params: { path }, body })))
    refusal.value = sent.told(refused, name)
    if (!data) return
    looks.value = data.items
    const saved = data.items.find((look) => (old ? look.id === old.id : look.name === name))
    sent.settle(() => saved && show(saved.id), saved?.version)
  })

  /** Of an act on a look that nothing is typed in: what it is now is shown, or else the usual one. */
  async function take(answer: Answer, id: number): Promise<void> {
    const { data, refusal: refused } = await answer
    refusal.value = refused ?? null
    if (!data) return
    looks.value = data.items
    const shown = data.items.find((look) => look.id === id && !look.is_away)
    choose(shown?.id ?? data.items.find(({ is_usual }) => is_usual)?.id ?? id)
  }

  async function putBack(): Promise<void> {
    if (!chosen.value) return
    const path = { shop: session.slug, look: chosen.value.id }
    await take(outcome(api.POST('/shops/{shop}/looks/{look}/earlier', { params: { path } })), path.look)
  }

  async function makeUsual(): Promise<void> {
    if (!chosen.value) return
    const path = { shop: session.slug, look: chosen.value.id }
    await take(outcome(api.POST('/shops/{shop}/looks/{look}/usual', { params: { path } })), path.look)
  }

  async function putAway(look: Schemas['Look'], isAway: boolean): Promise<void> {
    const path = { shop: session.slug, look: look.id }
    await take(
      outcome(api.POST('/shops/{shop}/looks/{look}/away', { params: { path }, body: { is_away: isAway } })),
      path.look,
    )
  }

  return {
    looks,
    chosen,
    entry,
    trial: computed(() => latest.answer.value?.data ?? null),
    refusal,
    isDirty,
    draft,
    search,
    found,
    choose,
    beginFrom,
    load,
    save,
    putBack,
    makeUsual,
    putAway,
  }
}
