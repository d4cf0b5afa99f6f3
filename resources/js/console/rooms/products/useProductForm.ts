import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { addOnsOf, picturesOf, sampleOf, seenAsSent, typedOf, withStockOf, type Typed } from './typedProduct'
import { useProductCheck } from './useProductCheck'

type Entry = Schemas['ProductEntry']

/**
 * A product's form: what is typed, what the server reads of it while it is typed, and the saving of it.
 *
 * @param begun The product that is changed, or undefined for a new one.
 */
export function useProductForm(begun: number | undefined): {
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
  isWrongIn: (list: string) => boolean
  load: () => Promise<void>
  save: () => Promise<boolean>
  saveOver: (version: number, form?: object) => Promise<boolean>
  /** Puts what a version said into the form. */
  restore: (form: Record<string, unknown>) => Promise<void>
  tell: () => Promise<void>
} {
  const session = useSession()
  const id = ref(begun)
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
  const { check, errorAt, isWrongIn } = useProductCheck({ id, filled, country, touched, refusal })
  const draft = useDraft(() => `${session.key}/product/${id.value ?? 'new'}`, typed)

  async function load(): Promise<void> {
    const path = { shop: session.slug }
    if (id.value === undefined) {
      const { data, refusal: refused } = await outcome(api.GET('/shops/{shop}/products/blank', { params: { path } }))
      refusal.value = refused ?? null
      entry.value = data?.entry ?? null
      draft.begin(0)
      return
    }
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/products/{product}', { params: { path: { ...path, product: id.value } } }),
    )
    refusal.value = refused ?? null
    if (!data) return
    typed.value = typedOf(data)
    untold.value = data.untold
    ownKind.value = data.own_kind
    version.value = draft.begin(data.version)
    touched.value.clear()
  }

  function change(part: Partial<Entry>): void {
    if (entry.value) entry.value = { ...entry.value, ...part }
    for (const field of Object.keys(part)) touched.value.add(field)
  }

  async function save(form: Entry | null = filled.value): Promise<boolean> {
    if (isWorking.value || !form) return false
    isWorking.value = true
    const path = { shop: session.slug }
    const sent = draft.send()
    const was = typed.value
    const { data, refusal: refused } = id.value
      ? await outcome(
          api.PUT('/shops/{shop}/products/{product}', {
            params: { path: { ...path, product: id.value } },
            body: { ...form, version: version.value },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/products', { params: { path }, body: form }))
    isWorking.value = false
    refusal.value = refused ?? null
    untold.value = data?.untold ?? untold.value
    saved.value = data ?? null
    if (!data) return false
    sent.settle(() => {
      id.value = data.id
      typed.value = was
    }, data.version)
    version.value = data.version
    // Whoever has typed on sees the stock that was sent.
    if (draft.isDirty.value && entry.value && was) entry.value = seenAsSent(entry.value, was.entry)
    return true
  }

  /** Saves over what somebody else has saved meanwhile, which is this version. */
  async function saveOver(theirs: number, form?: object): Promise<boolean> {
    version.value = theirs
    return save((form as Entry | undefined) ?? filled.value)
  }

  /** The stock stays as it is: it was sold from since. */
  async function restore(form: Record<string, unknown>): Promise<void> {
    if (!entry.value) return
    const then = form as Entry
    pictures.value = picturesOf(then, pictures.value)
    entry.value = withStockOf(entry.value, then)
    sample.value = await sampleOf(session.slug, then)
    addOns.value = await addOnsOf(session.slug, then)
  }

  async function tell(): Promise<void> {
    if (isWorking.value || id.value === undefined) return
    isWorking.value = true
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/products/{product}/moved', {
        params: { path: { shop: session.slug, product: id.value } },
      }),
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
    isWrongIn,
    load,
    save,
    saveOver,
    restore,
    tell,
  }
}
