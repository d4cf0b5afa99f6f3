import { computed, ref, watch, type ComputedRef } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'
import { useSettings, type Standing } from '../../lib/useSettings'

/** How the shop's own pages look: typed, tried at every change, saved as a whole. */
export function usePageLook(): ReturnType<typeof useSettings<Schemas['PageLookEntry']>> & {
  fonts: ComputedRef<{ value: Schemas['PageFont']; label: string }[]>
  marks: ComputedRef<{ value: Schemas['Icon']; label: string }[]>
  trial: ComputedRef<Schemas['PageLookTrial'] | null>
  errorAt: (field: string) => string | undefined
} {
  const session = useSession()
  const path = { shop: session.slug }
  const facts = ref<Schemas['PageLook'] | null>(null)
  const settings = useSettings<Schemas['PageLookEntry']>({
    name: () => `${session.key}/page-look`,
    load: () => taken(outcome(api.GET('/shops/{shop}/page-look', { params: { path } }))),
    send: (body, version) =>
      taken(
        outcome(
          api.PUT('/shops/{shop}/page-look', {
            params: { path },
            body: { ...(body as Schemas['PageLookEntry']), version },
          }),
        ),
      ),
  })
  const { answer, run } = useLatest((body: Schemas['PageLookEntry'], signal) =>
    outcome(api.POST('/shops/{shop}/page-look/trial', { signal, params: { path }, body })),
  )
  watch(settings.entry, (entry) => entry && void run(entry), { deep: true })

  async function taken(
    asked: ReturnType<typeof outcome<Schemas['PageLook']>>,
  ): Promise<{ data?: Standing<Schemas['PageLookEntry']>; refusal?: Refusal }> {
    const { data, refusal } = await asked
    if (!data) return refusal ? { refusal } : {}
    facts.value = data
    return { data }
  }

  const trial = computed(() => answer.value?.data ?? null)

  return {
    ...settings,
    fonts: computed(() =>
      (facts.value?.fonts ?? []).map(({ value, label }) => ({ value: value as Schemas['PageFont'], label })),
    ),
    marks: computed(() =>
      (facts.value?.marks ?? []).map(({ value, label }) => ({ value: value as Schemas['Icon'], label })),
    ),
    trial,
    errorAt: (field) => trial.value?.errors[field] ?? sentenceAt(settings.refusal.value, field),
  }
}
