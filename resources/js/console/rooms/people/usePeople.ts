import { onMounted, ref, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'

type People = Schemas['People']

/** Who works in the shop and who is invited, and the ways to change that. */
export function usePeople(): {
  people: Ref<People | null>
  refusal: Ref<Refusal | null>
  invite: (email: string, role: Schemas['Role']) => Promise<Refusal | null>
  withdraw: (invitation: number) => Promise<void>
  change: (person: number, role: Schemas['Role']) => Promise<void>
  remove: (person: number) => Promise<void>
} {
  const session = useSession()
  const people = ref<People | null>(null)
  const refusal = ref<Refusal | null>(null)
  const shop = session.slug

  function take({ data, refusal: refused }: { data?: People; refusal?: Refusal }): Refusal | null {
    if (data) people.value = data
    return refused ?? null
  }

  onMounted(async () => {
    refusal.value = take(await outcome(api.GET('/shops/{shop}/people', { params: { path: { shop } } })))
  })

  const invite = oneAtATime(async (email: string, role: Schemas['Role']) =>
    take(await outcome(api.POST('/shops/{shop}/invitations', { params: { path: { shop } }, body: { email, role } }))),
  )

  const withdraw = oneAtATime(async (invitation: number) => {
    const path = { shop, invitation }
    refusal.value = take(await outcome(api.DELETE('/shops/{shop}/invitations/{invitation}', { params: { path } })))
  })

  const change = oneAtATime(async (person: number, role: Schemas['Role']) => {
    const path = { shop, person }
    refusal.value = take(await outcome(api.PUT('/shops/{shop}/people/{person}', { params: { path }, body: { role } })))
    await session.reloadPerson()
  })

  const remove = oneAtATime(async (person: number) => {
    const path = { shop, person }
    refusal.value = take(await outcome(api.DELETE('/shops/{shop}/people/{person}', { params: { path } })))
  })

  return { people, refusal, invite, withdraw, change, remove }
}
