import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

type Entry = Schemas['ProductEntry']

/** All that is typed in the form, with what is shown of it. */
interface Typed {
  entry: Entry
  pictures: Schemas['Picture'][]
  addOns: Schemas['Product'][]
  files: Schemas['ProductFile'][]
  sample: Schemas['Sample'] | null
}

/** A variant as it was, with what is left of it now. */
function withStockOf(now: Entry): (then: Entry['variants'][number]) => Entry['variants'][number] {
  return (then) => {
    const same = now.variants.find(({ choices }) => JSON.stringify(choices) === JSON.stringify(then.choices))
    return { ...then, stock: same?.stock ?? then.stock, stock_seen: same?.stock_seen ?? null }
  }
}

/**
 * A product's form: what is typed, what the server reads of it while it is typed, and the saving of it.
 *
 * @param id The product that is changed, or undefined for a new one.
 */
export function useProductForm(id: number | undefined): {
  entry: Ref<Entry | null>
  pictures: Ref<Schemas['Picture'][]>
  addOns: Ref<Schemas['Product'][]>
  /** Those that the form has ever named. */
  files: Ref<Schemas['ProductFile'][]>
  sample: Ref<Schemas['Sample'] | null>
  check: ComputedRef<Schemas['ProductCheck'] | null>
  refusal: Ref<Refusal | null>
  isWorking: Ref<boolean>
  /** All that is typed, as it is sent. */
  filled: ComputedRef<Entry | null>
  /** What is kept of it in this browser. */
  draft: DraftOfForm
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
  saveOver: (version: number, form?: object) => Promise<boolean>
  /** Puts what a version said into the form. */
  restore: (form: Record<string, unknown>) => Promise<void>
  tell: () => Promise<void>
} {
  const session = useSession()
  const entry = ref<Entry | null>(null)
  const pictures = ref<Schemas['Picture'][]>([])
  const addOns = ref<Schemas['Product'][]>([])
  const files = ref<Schemas['ProductFile'][]>([])
  const sample = ref<Schemas['Sample'] | null>(null)
  const touched = ref(new Set<string>())
  const refusal = ref<Refusal | null>(null)
  const isWorking = ref(false)
  const version = ref(1)
  const untold = ref(0)
  const saved = ref<Schemas['ProductForm'] | null>(null)
  const ownKind = ref<Schemas['ProductKind'] | null>(null)
  const country = ref('')
  const latest = useLatest((asked: Entry, signal) =>
    outcome(
      api.POST('/shops/{shop}/products/check', {
        signal,
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

  const typed = computed<Typed | null>({
    get: () =>
      entry.value && {
        entry: entry.value,
        pictures: pictures.value,
        addOns: addOns.value,
        files: files.value,
        sample: sample.value,
      },
    set: (now) => {
      entry.value = now?.entry ?? null
      pictures.value = now?.pictures ?? []
      addOns.value = now?.addOns ?? []
      files.value = now?.files ?? []
      sample.value = now?.sample ?? null
    },
  })
  const draft = useDraft(() => `${session.slug}/product/${id ?? 'new'}`, typed)

  async function load(): Promise<void> {
    const path = { shop: session.slug }
    if (id === undefined) {
      const { data, refusal: refused } = await outcome(api.GET('/shops/{shop}/products/blank', { params: { path } }))
      refusal.value = refused ?? null
      entry.value = data?.entry ?? null
      draft.begin(0)
      return
    }
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/products/{product}', { params: { path: { ...path, product: id } } }),
    )
    refusal.value = refused ?? null
    if (!data) return
    entry.value = data.entry
    untold.value = data.untold
    ownKind.value = data.own_kind
    pictures.value = data.pictures
    addOns.value = data.add_ons
    files.value = data.files
    sample.value = data.sample
    version.value = draft.begin(data.version)
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

  async function save(form: Entry | null = filled.value): Promise<boolean> {
    if (isWorking.value || !form) return false
    isWorking.value = true
    const path = { shop: session.slug }
    const { data, refusal: refused } = id
      ? await outcome(
          api.PUT('/shops/{shop}/products/{product}', {
            params: { path: { ...path, product: id } },
            body: { ...form, version: version.value },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/products', { params: { path }, body: form }))
    isWorking.value = false
    refusal.value = refused ?? null
    untold.value = data?.untold ?? untold.value
    saved.value = data ?? null
    if (data) draft.settle()
    return data !== undefined
  }

  /** Saves over what somebody else has saved meanwhile, which is this version. */
  async function saveOver(theirs: number, form?: object): Promise<boolean> {
    version.value = theirs
    return save((form as Entry | undefined) ?? filled.value)
  }

  /** The stock stays as it is: it was sold from since. */
  async function restore(form: Record<string, unknown>): Promise<void> {
    if (!entry.value) return
    const { stock, stock_seen = null, tracks_stock } = entry.value
    const then = form as Entry
    entry.value = { ...then, stock, stock_seen, tracks_stock, variants: then.variants.map(withStockOf(entry.value)) }
    pictures.value = then.pictures.flatMap(({ id: one, alt }) =>
      pictures.value.filter((picture) => picture.id === one).map((picture) => ({ ...picture, alt })),
    )
    sample.value = then.sample === null || then.sample === undefined ? null : await sampleOf(then.sample)
    const { data } = await outcome(
      api.GET('/shops/{shop}/products', {
        params: { path: { shop: session.slug }, query: { ids: then.add_ons.join(',') } },
      }),
    )
    const known = data?.items ?? []
    addOns.value = then.add_ons.flatMap((one) => known.filter((product) => product.id === one))
  }

  async function sampleOf(one: number): Promise<Schemas['Sample'] | null> {
    const { data } = await outcome(
      api.GET('/shops/{shop}/samples/{sample}', { params: { path: { shop: session.slug, sample: one } } }),
    )
    return data ?? null
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

  return {
    entry,
    pictures,
    addOns,
    files,
    sample,
    check,
    refusal,
    isWorking,
    filled,
    draft,
    untold,
    saved,
    ownKind,
    country,
    change,
    errorAt,
    load,
    save,
    saveOver,
    restore,
    tell,
  }
}
