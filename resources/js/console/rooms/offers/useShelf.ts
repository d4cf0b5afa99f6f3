import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import type { ToldShelf } from '../../../embed/told'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useDeleting } from '../../lib/deleting'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

type Shelf = Schemas['Shelf']
type Entry = Schemas['ShelfEntry']

export interface TypedShelf {
  name: string
  source: 'picked' | 'category'
  products: Schemas['Product'][]
  category: string
  density: Schemas['ShelfDensity']
  onwards: Entry['onwards']
}

const BLANK: TypedShelf = {
  name: '',
  source: 'picked',
  products: [],
  category: '',
  density: 'cards',
  onwards: 'mini_cart',
}

/** One shelf: typed, shown at every change, saved as a whole. */
export function useShelf(props: { id?: number | undefined; from?: number | undefined }): {
  shelf: Ref<Shelf | null>
  typed: Ref<TypedShelf | null>
  /** What is sent. */
  entry: ComputedRef<Entry>
  /** As its widget will show it. */
  shown: ComputedRef<ToldShelf | null>
  refusal: Ref<Refusal | null>
  draft: DraftOfForm
  errorAt: (path: string) => string | undefined
  discard: () => Promise<void>
  restore: (form: Record<string, unknown>) => Promise<void>
  save: (over?: number, form?: object) => Promise<void>
  remove: () => Promise<void>
} {
  const session = useSession()
  const router = useRouter()
  const deleting = useDeleting()
  const path = { shop: session.slug }
  const shelf = ref<Shelf | null>(null)
  /** `null`: not all is there yet, so that nothing typed is written over. */
  const typed = ref<TypedShelf | null>(null)
  const refusal = ref<Refusal | null>(null)
  const version = ref<number | undefined>(undefined)
  const draft = useDraft(() => `${session.slug}/shelf/${shelf.value?.id ?? 'new'}`, typed)
  const entry = computed<Entry>(() => {
    const { name, source, products, category, density, onwards } = typed.value ?? BLANK
    return {
      name,
      density,
      onwards,
      category: source === 'category' ? category : '',
      products: products.map(({ id }) => id),
    }
  })
  const latest = useLatest((body: Entry) =>
    outcome(api.POST('/shops/{shop}/shelves/trial', { params: { path }, body })),
  )
  watchDebounced(entry, (body) => latest.run(body), { debounce: 200 })
  const shown = computed(() => {
    const answer = latest.answer.value?.data
    return answer ? { shelf: answer.shelf, words: answer.words, changesAt: null } : null
  })

  function take(taken: Shelf): void {
    shelf.value = taken
    typed.value = typedOf(taken)
  }

  async function asked(id: number): Promise<Shelf | undefined> {
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/shelves/{shelf}', { params: { path: { ...path, shelf: id } } }),
    )
    refusal.value = refused ?? null
    return data
  }

  async function load(): Promise<void> {
    if (props.id) {
      const there = await asked(props.id)
      if (!there) return
      take(there)
      version.value = draft.begin(there.version)
      return
    }
    const other = props.from ? await asked(props.from) : undefined
    typed.value = { ...(other ? typedOf(other) : BLANK), name: '' }
    draft.begin(0)
  }

  onMounted(load)

  async function discard(): Promise<void> {
    draft.drop()
    await load()
  }

  /** Puts what a version said into the form: of the goods, those that are still there. */
  async function restore(form: Record<string, unknown>): Promise<void> {
    const { products, category, ...said } = form as Entry
    const { data } = await outcome(
      api.GET('/shops/{shop}/products', { params: { path, query: { ids: products.join(',') } } }),
    )
    const known = new Map((data?.items ?? []).map((product) => [product.id, product]))
    typed.value = {
      ...said,
      category,
      source: category ? 'category' : 'picked',
      products: products.flatMap((id) => known.get(id) ?? []),
    }
  }

  const save = oneAtATime(async (over: number | undefined = version.value, form?: object): Promise<void> => {
    const body = (form as Entry | undefined) ?? entry.value
    const { data, refusal: refused } = shelf.value
      ? await outcome(
          api.PUT('/shops/{shop}/shelves/{shelf}', {
            params: { path: { ...path, shelf: shelf.value.id } },
            body: { ...body, ...(over === undefined ? {} : { version: over }) },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/shelves', { params: { path }, body }))
    refusal.value = refused ?? null
    if (!data) return
    draft.drop()
    take(data)
    version.value = draft.begin(data.version)
    if (!props.id) await router.replace({ name: 'shelf', params: { ...path, id: data.id } })
  })

  async function remove(): Promise<void> {
    if (!shelf.value) return
    refusal.value = await deleting.remove('shelf', shelf.value.id, shelf.value.name)
    if (refusal.value) return
    draft.drop()
    await router.push({ name: 'shelves', params: path })
  }

  return {
    shelf,
    typed,
    entry,
    shown,
    refusal,
    draft,
    errorAt: (at) => sentenceAt(refusal.value, at),
    discard,
    restore,
    save,
    remove,
  }
}

function typedOf({ name, products, category, density, onwards }: Shelf): TypedShelf {
  return { name, products, category, density, onwards, source: category ? 'category' : 'picked' }
}
