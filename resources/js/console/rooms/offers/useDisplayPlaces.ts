import { ref, watch, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useDeleting } from '../../lib/deleting'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'

type Place = Schemas['DisplayPlace']

interface Refused {
  /** The place that it is about; `null`: the new one. */
  at: number | null
  says: string
}

/** What stands in places as a whole. */
export interface DisplayOf {
  kind: 'price_table' | 'shelf'
  id: number
}

/** The places of a price table or a shelf, read and changed by themselves: what is typed of it stays as it is. */
export function useDisplayPlaces(of: () => DisplayOf): {
  places: Ref<Place[]>
  refusal: Ref<Refused | null>
  load: () => Promise<void>
  /** Whether it was placed. */
  place: (page: string) => Promise<boolean>
  change: (id: number, as: Schemas['DisplayPlaceEntry']) => Promise<void>
  remove: (place: Place) => Promise<void>
} {
  const session = useSession()
  const deleting = useDeleting()
  const places = ref<Place[]>([])
  const refusal = ref<Refused | null>(null)

  function refused(at: number | null, why: Refusal | undefined): void {
    refusal.value = why ? { at, says: sentenceAt(why, 'page') ?? why.message } : null
  }

  async function load(): Promise<void> {
    const { kind, id } = of()
    const { slug: shop } = session
    const answer = await outcome(
      kind === 'shelf'
        ? api.GET('/shops/{shop}/shelves/{shelf}/places', { params: { path: { shop, shelf: id } } })
        : api.GET('/shops/{shop}/price-tables/{priceTable}/places', { params: { path: { shop, priceTable: id } } }),
    )
    refused(null, answer.refusal)
    if (answer.data) places.value = answer.data.items
  }

  const place = oneAtATime(async (page: string): Promise<boolean> => {
    const { kind, id } = of()
    const { slug: shop } = session
    const body = { page }
    const answer = await outcome(
      kind === 'shelf'
        ? api.POST('/shops/{shop}/shelves/{shelf}/places', { params: { path: { shop, shelf: id } }, body })
        : api.POST('/shops/{shop}/price-tables/{priceTable}/places', {
            params: { path: { shop, priceTable: id } },
            body,
          }),
    )
    refused(null, answer.refusal)
    if (answer.data) places.value = answer.data.items
    return answer.data !== undefined
  })

  async function change(id: number, as: Schemas['DisplayPlaceEntry']): Promise<void> {
    const path = { shop: session.slug, displayPlacement: id }
    const answer = await outcome(
      api.PUT('/shops/{shop}/display-places/{displayPlacement}', { params: { path }, body: as }),
    )
    refused(id, answer.refusal)
    const changed = answer.data?.items[0]
    if (changed) places.value = places.value.map((one) => (one.id === id ? changed : one))
  }

  async function remove({ id, page }: Place): Promise<void> {
    refused(id, (await deleting.remove('display', id, page)) ?? undefined)
  }

  // One that is taken back stands here again.
  watch(deleting.changes, load)

  return { places, refusal, load, place, change, remove }
}
