import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

type Entry = Schemas['MarketplaceEntry']
type Answer = Promise<{ data?: Schemas['Partners']; refusal?: Refusal }>

/** The marketplaces of the shop, and the one that is being changed, tried at every change on the address that was pasted. */
export function usePartners(): {
  partners: Ref<Schemas['Partners'] | null>
  chosen: ComputedRef<Schemas['Marketplace'] | undefined>
  entry: Ref<Entry | null>
  address: Ref<string>
  trial: ComputedRef<Schemas['MarketplaceTrial'] | null>
  refusal: Ref<Refusal | null>
  draft: DraftOfForm
  choose: (id: number) => void
  begin: () => void
  load: () => Promise<void>
  save: (over?: number, form?: object) => Promise<void>
  archive: (isAway: boolean) => Promise<void>
  addReady: (key: string, partnerId: string) => Promise<Refusal | null>
  setReferrer: (policy: Schemas['ReferrerPolicy']) => Promise<void>
} {
  const session = useSession()
  const partners = ref<Schemas['Partners'] | null>(null)
  const chosenId = ref<number | null>(null)
  const entry = ref<Entry | null>(null)
  const address = ref('')
  const refusal = ref<Refusal | null>(null)
  const path = (): { shop: string } => ({ shop: session.slug })
  const chosen = computed(() => partners.value?.marketplaces.find(({ id }) => id === chosenId.value))
  const version = ref(0)
  const draft = useDraft(() => `${session.key}/marketplace/${chosenId.value ?? 'new'}`, entry)
  const latest = useLatest((tried: Entry & { address: string }, signal) =>
    outcome(api.POST('/shops/{shop}/marketplaces/trial', { signal, params: { path: path() }, body: tried })),
  )

  function take(data: Schemas['Partners']): void {
    partners.value = data
    const shown = chosen.value ?? data.marketplaces.find(({ is_away }) => !is_away)
    if (shown) show(shown.id)
  }

  async function load(): Promise<void> {
    const { data, refusal: refused } = await outcome(api.GET('/shops/{shop}/partners', { params: { path: path() } }))
    refusal.value = refused ?? null
    if (data) take(data)
  }

  onMounted(load)

  watchDebounced([entry, address], () => entry.value && latest.run({ ...entry.value, address: address.value }), {
    debounce: 120,
    deep: true,
  })

  // What was refused was what stood there before.
  watch(entry, () => refusal.value?.errors && (refusal.value = null), { deep: true })

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

  function begin(): void {
    draft.keep()
    chosenId.value = null
    refusal.value = null
    entry.value = partners.value && { ...partners.value.blank }
    draft.begin(0)
  }

  const save = oneAtATime(async (over?: number, form?: object): Promise<void> => {
    const body = (form as Entry | undefined) ?? entry.value
    if (!body) return
    const name = body.name.trim()
    const old = chosen.value
    const sent = draft.send()
    const { data, refusal: refused } = await (old
      ? outcome(
          api.PUT('/shops/{shop}/marketplaces/{marketplace}', {
            params: { path: { ...path(), marketplace: old.id } },
            body: { ...body, version: over ?? version.value },
          }),
        )
      : outcome(api.POST('/shops/{shop}/marketplaces', { params: { path: path() }, body })))
    refusal.value = sent.told(refused, name)
    if (!data) return
    partners.value = data
    const saved = data.marketplaces.find((each) => (old ? each.id === old.id : each.entry.name === name))
    sent.settle(() => saved && show(saved.id), saved?.version)
  })

  /** Of an act beside the form: what stands in the form stays there, unsaved. */
  async function answered(answer: Answer): Promise<Refusal | null> {
    const { data, refusal: refused } = await answer
    if (data) {
      draft.keep()
      take(data)
    }
    return refused ?? null
  }

  async function archive(isAway: boolean): Promise<void> {
    if (!chosen.value) return
    refusal.value = await answered(
      outcome(
        api.POST('/shops/{shop}/marketplaces/{marketplace}/away', {
          params: { path: { ...path(), marketplace: chosen.value.id } },
          body: { is_away: isAway },
        }),
      ),
    )
  }

  async function addReady(key: string, partnerId: string): Promise<Refusal | null> {
    return answered(
      outcome(
        api.POST('/shops/{shop}/partners/ready/{key}', {
          params: { path: { ...path(), key } },
          body: { partner_id: partnerId },
        }),
      ),
    )
  }

  async function setReferrer(policy: Schemas['ReferrerPolicy']): Promise<void> {
    const { data, refusal: refused } = await outcome(
      api.PUT('/shops/{shop}/partners/referrer', { params: { path: path() }, body: { policy } }),
    )
    refusal.value = refused ?? null
    if (data && partners.value) partners.value = { ...partners.value, referrer_policy: data.referrer_policy }
  }

  return {
    partners,
    chosen,
    entry,
    address,
    trial: computed(() => latest.answer.value?.data ?? null),
    refusal,
    draft,
    choose,
    begin,
    load,
    save,
    archive,
    addReady,
    setReferrer,
  }
}
