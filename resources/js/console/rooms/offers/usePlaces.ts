import type { Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'

type Answer = Promise<{ data?: Schemas['Offer']; refusal?: Refusal }>

/**
 * The places where an offer hangs: what stands on the desk is left as it is when they change.
 *
 * @param offer The offer as it is saved; its places are written here.
 * @param save Saves what stands on the desk, since only what is saved can hang anywhere.
 */
export function usePlaces(
  offer: Ref<Schemas['Offer'] | null>,
  save: () => Promise<Refusal | null>,
): {
  place: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  changePlacement: (placement: number, as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  rememberCopy: (placement: number, digest: string) => Promise<void>
  reloadPlaces: () => Promise<void>
} {
  const session = useSession()

  async function take(answer: Answer): Promise<Refusal | null> {
    const { data, refusal } = await answer
    if (data && offer.value) offer.value = { ...offer.value, placements: data.placements }
    return refusal ?? null
  }

  async function place(as: Schemas['PlacementEntry']): Promise<Refusal | null> {
    const unsaved = await save()
    if (unsaved || !offer.value) return unsaved
    const path = { shop: session.slug, offer: offer.value.id }
    return take(outcome(api.POST('/shops/{shop}/offers/{offer}/placements', { params: { path }, body: as })))
  }

  async function changePlacement(placement: number, as: Schemas['PlacementEntry']): Promise<Refusal | null> {
    const path = { shop: session.slug, placement }
    return take(outcome(api.PUT('/shops/{shop}/placements/{placement}', { params: { path }, body: as })))
  }

  async function rememberCopy(placement: number, digest: string): Promise<void> {
    const path = { shop: session.slug, placement }
    await take(outcome(api.POST('/shops/{shop}/placements/{placement}/copied', { params: { path }, body: { digest } })))
  }

  async function reloadPlaces(): Promise<void> {
    if (!offer.value) return
    const path = { shop: session.slug, offer: offer.value.id }
    await take(outcome(api.GET('/shops/{shop}/offers/{offer}', { params: { path } })))
  }

  return { place, changePlacement, rememberCopy, reloadPlaces }
}
