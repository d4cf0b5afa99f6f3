import { watchThrottled } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useLatest } from '../../lib/useLatest'

/** Keeps the proof of what stands on the desk up to date; the server does the reckoning. */
export function useProof(
  entry: Ref<Schemas['OfferEntry'] | null>,
  offerId: Ref<number | null>,
  country: Ref<string>,
): {
  proof: Ref<Schemas['Proof'] | null>
  refusal: Ref<Refusal | null>
  refresh: () => Promise<void>
} {
  const session = useSession()
  const proof = ref<Schemas['Proof'] | null>(null)
  const refusal = ref<Refusal | null>(null)
  const latest = useLatest((asked: Schemas['OfferEntry'], signal) =>
    outcome(
      api.POST('/shops/{shop}/offers/proof', {
        signal,
        params: { path: { shop: session.slug }, query: offerId.value === null ? {} : { offer: offerId.value } },
        body: asked,
      }),
    ),
  )

  async function refresh(): Promise<void> {
    if (!entry.value) return
    const answered = await latest.run({ ...entry.value, country: country.value })
    if (!answered) return
    refusal.value = answered.refusal ?? null
    if (answered.data) proof.value = answered.data
  }

  // The first key is asked about at once; who types faster than that is asked about each time it has passed, and at the end.
  watchThrottled([entry, country], refresh, { throttle: 60, immediate: true })

  return { proof, refusal, refresh }
}
