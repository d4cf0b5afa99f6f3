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

/** The places of a price table, read and changed by themselves: what is typed of the table stays as it is. */
export function useDisplayPlaces(table: () => number): {
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
    const path = { shop: session.slug, priceTable: table() }
    const answer = await outcome(api.GET('/shops/{shop}/price-tables/{priceTable}/places', { params: { path } }))
    refused(null, answer.refusal)
    if (answer.data) places.value = answer.data.items
  }

  const place = oneAtATime(async (page: string): Promise<boolean> => {
    const path = { shop: session.slug, priceTable: table() }
    const answer = await outcome(
      api.POST('/shops/{shop}/price-tables/{priceTable}/places', { params: { path }, body: { page } }),
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
