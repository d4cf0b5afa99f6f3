import { ref, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'

type Change = Schemas['OfferChange']

/**
 * Changes several offers at once, and takes it back.
 *
 * @param changed What follows once something was changed.
 */
export function useManyOffers(changed: () => Promise<void>): {
  said: Ref<string>
  stayed: Ref<Schemas['OfferThatStayed'][]>
  before: Ref<Change[]>
  refusal: Ref<Refusal | null>
  toState: (offers: number[], state: Schemas['OfferState'], done: string) => Promise<void>
  toLook: (offers: number[], look: number | null, name: string) => Promise<void>
  takeBack: () => Promise<void>
} {
  const session = useSession()
  /** What was done last, as a sentence. */
  const said = ref('')
  const stayed = ref<Schemas['OfferThatStayed'][]>([])
  /** What takes it back. */
  const before = ref<Change[]>([])
  const refusal = ref<Refusal | null>(null)

  const act = oneAtATime(async (changes: Change[], done: string, takesBack: boolean): Promise<boolean> => {
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/offers/many', {
        params: { path: { shop: session.slug } },
        body: { changes, takes_back: takesBack },
      }),
    )
    refusal.value = refused ?? null
    if (!data) return false
    stayed.value = data.stayed
    before.value = takesBack ? [] : data.before
    said.value = data.before.length === 0 ? '' : `${counted(data.before.length)} ${done}.`
    return true
  })

  /** Whoever takes it back while the list is still read anew is not kept waiting. */
  async function send(changes: Change[], done: string, takesBack: boolean): Promise<void> {
    if (await act(changes, done, takesBack)) await changed()
  }

  const counted = (offers: number): string => (offers === 1 ? 'One offer' : `${offers} offers`)

  return {
    said,
    stayed,
    before,
    refusal,
    toState: async (offers, state, done) => {
      await send(
        offers.map((offer) => ({ offer, state, look: null })),
        done,
        false,
      )
    },
    toLook: async (offers, look, name) => {
      await send(
        offers.map((offer) => ({ offer, state: null, look })),
        `now in ${name}`,
        false,
      )
    },
    takeBack: async () => {
      await send(before.value, 'as before again', true)
    },
  }
}
