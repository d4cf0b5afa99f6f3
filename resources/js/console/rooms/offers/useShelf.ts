import { watchDebounced } from '@vueuse/core'
import { computed, type ComputedRef } from 'vue'
import type { ToldShelf } from '../../../embed/told'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useLatest } from '../../lib/useLatest'
import { useSavedForm, type SavedForm } from '../../lib/useSavedForm'

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
export function useShelf(props: Parameters<typeof useSavedForm>[0]): Omit<
  SavedForm<Shelf, TypedShelf, Entry>,
  'take'
> & {
  /** As its widget will show it. */
  shown: ComputedRef<ToldShelf | null>
  errorAt: (path: string) => string | undefined
  restore: (form: Record<string, unknown>) => Promise<void>
} {
  const { slug: shop } = useSession()
  const path = { shop }
  const saved = useSavedForm<Shelf, TypedShelf, Entry>(props, {
    kind: 'shelf',
    keptAs: 'shelf',
    views: { one: 'shelf', all: 'shelves' },
    blank: BLANK,
    typedOf,
    entryOf,
    read: (shelf) => outcome(api.GET('/shops/{shop}/shelves/{shelf}', { params: { path: { shop, shelf } } })),
    create: (body) => outcome(api.POST('/shops/{shop}/shelves', { params: { path }, body })),
    change: (shelf, body) =>
      outcome(api.PUT('/shops/{shop}/shelves/{shelf}', { params: { path: { shop, shelf } }, body })),
  })
  const latest = useLatest((body: Entry, signal) =>
    outcome(api.POST('/shops/{shop}/shelves/trial', { signal, params: { path }, body })),
  )
  watchDebounced(saved.entry, (body) => latest.run(body), { debounce: 200 })
  const shown = computed(() => {
    const answer = latest.answer.value?.data
    return answer ? { shelf: answer.shelf, words: answer.words, changesAt: null } : null
  })

  /** Puts what a version said into the form: of the goods, those that are still there. */
  async function restore(form: Record<string, unknown>): Promise<void> {
    const { products, category, ...said } = form as Entry
    const { data } = await outcome(
      api.GET('/shops/{shop}/products', { params: { path, query: { ids: products.join(',') } } }),
    )
    const known = new Map((data?.items ?? []).map((product) => [product.id, product]))
    saved.typed.value = {
      ...said,
      category,
      source: category ? 'category' : 'picked',
      products: products.flatMap((id) => known.get(id) ?? []),
    }
  }

  return { ...saved, shown, errorAt: (at) => sentenceAt(saved.refusal.value, at), restore }
}

function typedOf({ name, products, category, density, onwards }: Shelf): TypedShelf {
  return { name, products, category, density, onwards, source: category ? 'category' : 'picked' }
}

function entryOf({ name, source, products, category, density, onwards }: TypedShelf): Entry {
  return {
    name,
    density,
    onwards,
    category: source === 'category' ? category : '',
    products: products.map(({ id }) => id),
  }
}
