import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useLatest } from '../../lib/useLatest'

type Entry = Schemas['ProductEntry']

/**
 * A product's form: what is typed, what the server reads of it while it is typed, and the saving of it.
 *
 * @param id The product that is changed, or undefined for a new one.
 */
export function useProductForm(id: number | undefined): {
  entry: Ref<Entry | null>
  pictures: Ref<Schemas['Picture'][]>
  addOns: Ref<Schemas['Product'][]>
  check: ComputedRef<Schemas['ProductCheck'] | null>
  refusal: Ref<Refusal | null>
  isWorking: Ref<boolean>
  isTouched: ComputedRef<boolean>
  /** Bookings whose shoppers do not know yet of a moved date. */
  untold: Ref<number>
  /** As it was saved here last. */
  saved: Ref<Schemas['ProductForm'] | null>
  /** What it was before it became a partner’s. */
  ownKind: Ref<Schemas['ProductKind'] | null>
  /** From which a shopper is tried; blank: from none. */
  country: Ref<string>
  change: (part: Partial<Entry>) => void
  errorAt: (path: string) => string | undefined
  load: () => Promise<void>
  save: () => Promise<boolean>
  saveOver: (version: number) => Promise<boolean>
  forget: () => void
  tell: () => Promise<void>
} {
  const session = useSession()
  const entry = ref<Entry | null>(null)
  const pictures = ref<Schemas['Picture'][]>([])
  const addOns = ref<Schemas['Product'][]>([])
  const touched = ref(new Set<string>())
  const refusal = ref<Refusal | null>(null)
  const isWorking = ref(false)
  const version = ref(1)
  const untold = ref(0)
  const saved = ref<Schemas['ProductForm'] | null>(null)
  const ownKind = ref<Schemas['ProductKind'] | null>(null)
  const country = ref('')
  const latest = useLatest((asked: Entry) =>
    outcome(
      api.POST('/shops/{shop}/products/check', {
        params: { path: { shop: session.slug }, query: { ...(id ? { except: id } : {}), country: country.value } },
        body: asked,
      }),
    ),
  )
  const check = computed(() => latest.answer.value?.data ?? null)
  const filled = computed<Entry | null>(
    () =>
      entry.value && {
        ...entry.value,
        pictures: pictures.value.map((picture) => ({ id: picture.id, alt: picture.alt })),
        add_ons: addOns.value.map((product) => product.id),
      },
  )

  async function load(): Promise<void> {
    const path = { shop: session.slug }
    if (id === undefined) {
      const { data, refusal: refused } = await outcome(api.GET('/shops/{shop}/products/blank', { params: { path } }))
      refusal.value = refused ?? null
      entry.value = data?.entry ?? null
      return
    }
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/products/{product}', { params: { path: { ...path, product: id } } }),
    )
    refusal.value = refused ?? null
    if (!data) return
    entry.value = data.entry
    version.value = data.version
    untold.value = data.untold
    ownKind.value = data.own_kind
    pictures.value = data.pictures
    addOns.value = data.add_ons
    touched.value.clear()
  }

  watch(filled, (now, before) => now && !before && latest.run(now))
  watchDebounced([filled, country], () => filled.value && latest.run(filled.value), { debounce: 150, deep: true })

  function change(part: Partial<Entry>): void {
    if (entry.value) entry.value = { ...entry.value, ...part }
    for (const field of Object.keys(part)) touched.value.add(field)
  }

  /** What is wrong at a path: told while typing once its field has been touched, and after trying to save. */
  function errorAt(path: string): string | undefined {
    const field = path.split('.')[0] ?? path
    const isTold = touched.value.has(field) || refusal.value !== null || id !== undefined
    if (check.value && isTold) return check.value.errors[path]?.[0]
    return sentenceAt(refusal.value, path)
  }

  async function save(): Promise<boolean> {
    if (isWorking.value || !filled.value) return false
    isWorking.value = true
    const path = { shop: session.slug }
    const { data, refusal: refused } = id
      ? await outcome(
          api.PUT('/shops/{shop}/products/{product}', {
            params: { path: { ...path, product: id } },
            body: { ...filled.value, version: version.value },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/products', { params: { path }, body: filled.value }))
    isWorking.value = false
    refusal.value = refused ?? null
    untold.value = data?.untold ?? untold.value
    saved.value = data ?? null
    return data !== undefined
  }

  /** Saves over what somebody else has saved meanwhile, which is this version. */
  async function saveOver(theirs: number): Promise<boolean> {
    version.value = theirs
    return save()
  }

  async function tell(): Promise<void> {
    if (isWorking.value || id === undefined) return
    isWorking.value = true
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/products/{product}/moved', { params: { path: { shop: session.slug, product: id } } }),
    )
    isWorking.value = false
    refusal.value = refused ?? null
    untold.value = data?.untold ?? untold.value
  }

  function forget(): void {
    touched.value.clear()
  }

  const isTouched = computed(() => touched.value.size > 0)
  return {
    entry,
    pictures,
    addOns,
    check,
    refusal,
    isWorking,
    isTouched,
    untold,
    saved,
    ownKind,
    country,
    change,
    errorAt,
    load,
    save,
    saveOver,
    forget,
    tell,
  }
}
