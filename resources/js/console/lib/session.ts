import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from './client'

/** Who is signed in, and the shop they work in. */
export const useSession = defineStore('session', () => {
  const person = ref<Schemas['Person'] | null>(null)
  const shop = ref<Schemas['Shop'] | null>(null)
  /** What forms choose from, the same in every shop. */
  const lists = ref<Schemas['Lists'] | null>(null)
  const slug = computed(() => shop.value?.slug ?? '')
  /** What the browser keeps for the shop goes by it: it stays the same when the shop is renamed. */
  const key = computed(() => String(shop.value?.id ?? ''))
  /** What the person may do in this shop. */
  const may = computed(() => person.value?.shops.find((one) => one.id === shop.value?.id)?.may ?? [])
  const firstShop = computed(() => person.value?.shops[0]?.slug ?? '')

  /** Reads anew who is signed in, and what they may do where. */
  async function reloadPerson(): Promise<void> {
    const { data } = await outcome(api.GET('/me'))
    // Where there is no answer, what was known stays.
    if (data) person.value = data.person
  }

  async function load(): Promise<boolean> {
    if (!person.value) person.value = (await outcome(api.GET('/me'))).data?.person ?? null
    return person.value !== null
  }

  /** Whether nobody can sign in yet, since there is nobody. */
  async function isToBeSetUp(): Promise<boolean> {
    return (await outcome(api.GET('/set-up'))).data !== undefined
  }

  async function enter(wanted: string): Promise<boolean> {
    // A shop answers to its former slugs, too.
    if (shop.value?.slug === wanted && lists.value) return true
    const [isThere] = await Promise.all([read(wanted), readLists()])
    return isThere
  }

  /** Reads the shop anew, after something that its lists of names come from was changed. */
  async function reload(): Promise<void> {
    await read(slug.value)
  }

  async function read(wanted: string): Promise<boolean> {
    const { data } = await outcome(api.GET('/shops/{shop}', { params: { path: { shop: wanted } } }))
    if (data) shop.value = data
    return data !== undefined
  }

  async function readLists(): Promise<void> {
    lists.value ??= (await outcome(api.GET('/lists'))).data ?? null
  }

  /** @param code Of the second factor, once it was asked for. */
  async function signIn(email: string, password: string, code: string | undefined): Promise<Refusal | null> {
    const { data, refusal } = await outcome(
      api.POST('/sign-in', { body: { email, password, ...(code === undefined ? {} : { code }) } }),
    )
    if (data) person.value = data
    return refusal ?? null
  }

  async function signOut(): Promise<void> {
    await outcome(api.POST('/sign-out'))
  }

  /** Once no view is left that shows a person or a shop. */
  function forget(): void {
    person.value = null
    shop.value = null
  }

  return {
    person,
    shop,
    lists,
    slug,
    key,
    may,
    firstShop,
    load,
    reloadPerson,
    isToBeSetUp,
    enter,
    reload,
    signIn,
    signOut,
    forget,
  }
})
