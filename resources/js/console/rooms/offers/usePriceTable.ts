import { watchDebounced } from '@vueuse/core'
import { computed, type ComputedRef } from 'vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useLatest } from '../../lib/useLatest'
import { useSavedForm, type SavedForm } from '../../lib/useSavedForm'

type Table = Schemas['PriceTable']
type Entry = Schemas['PriceTableEntry']

/** A column as it is typed, with what is known of its offer. */
export interface TypedColumn {
  offer_id: number
  short: Schemas['OfferShort']
  state: Schemas['OfferState']
  name: string
  text: string
}

export interface TypedTable {
  name: string
  columns: TypedColumn[]
  stressed: number | null
  badge: string
}

/** One price table: typed, tried at every change, saved as a whole. */
export function usePriceTable(props: Parameters<typeof useSavedForm>[0]): Omit<
  SavedForm<Table, TypedTable, Entry>,
  'take'
> & {
  trial: ComputedRef<Schemas['PriceTableTrial'] | null>
  errorAt: (path: string) => string | undefined
  restore: (form: Record<string, unknown>) => Promise<void>
  putAway: (isAway: boolean) => Promise<void>
  remember: () => Promise<void>
} {
  const { slug: shop } = useSession()
  const path = { shop }
  const at = (priceTable: number): { params: { path: { shop: string; priceTable: number } } } => ({
    params: { path: { shop, priceTable } },
  })
  const saved = useSavedForm<Table, TypedTable, Entry>(props, {
    kind: 'price_table',
    keptAs: 'price-table',
    views: { one: 'price-table', all: 'price-tables' },
    blank: { name: '', columns: [], stressed: null, badge: '' },
    typedOf,
    entryOf,
    read: (id) => outcome(api.GET('/shops/{shop}/price-tables/{priceTable}', at(id))),
    create: (body) => outcome(api.POST('/shops/{shop}/price-tables', { params: { path }, body })),
    change: (id, body) => outcome(api.PUT('/shops/{shop}/price-tables/{priceTable}', { ...at(id), body })),
  })
  const { thing: table, typed, refusal } = saved
  const latest = useLatest((body: Entry, signal) =>
    outcome(api.POST('/shops/{shop}/price-tables/trial', { signal, params: { path }, body })),
  )
  watchDebounced(saved.entry, (body) => latest.run(body), { debounce: 200 })
  const trial = computed(() => latest.answer.value?.data ?? null)

  /** Puts what a version said into the form: of the columns, those whose offers are still known. */
  async function restore(form: Record<string, unknown>): Promise<void> {
    const { columns, ...said } = form as Entry
    const ids = columns.map(({ offer_id }) => offer_id).join(',')
    const { data } = await outcome(api.GET('/shops/{shop}/offers', { params: { path, query: { ids } } }))
    typed.value = {
      ...said,
      columns: columns.flatMap((column) =>
        (data?.items ?? [])
          .filter(({ id }) => id === column.offer_id)
          .map(({ short, state }) => ({ ...column, short, state })),
      ),
    }
  }

  async function putAway(isAway: boolean): Promise<void> {
    if (!table.value) return
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/price-tables/{priceTable}/away', { ...at(table.value.id), body: { is_away: isAway } }),
    )
    refusal.value = refused ?? null
    if (data) saved.take(data)
  }

  async function remember(): Promise<void> {
    if (!table.value) return
    const { id, digest } = table.value
    const { data } = await outcome(
      api.POST('/shops/{shop}/price-tables/{priceTable}/copied', { ...at(id), body: { digest } }),
    )
    if (data) table.value = data
  }

  return {
    ...saved,
    trial,
    errorAt: (where) => sentenceAt(refusal.value, where) ?? (isTried(where) ? trial.value?.errors[where] : undefined),
    restore,
    putAway,
    remember,
  }
}

/** What is blank at first is not called wrong before it is saved. */
function isTried(path: string): boolean {
  return path !== 'name' && path !== 'columns'
}

function entryOf({ columns, ...said }: TypedTable): Entry {
  return { ...said, columns: columns.map(({ offer_id, name, text }) => ({ offer_id, name, text })) }
}

function typedOf({ name, columns, badge }: Table): TypedTable {
  return {
    name,
    columns: columns.map(({ offer_id, short, state, name: called, text }) => ({
      offer_id,
      short,
      state,
      name: called,
      text,
    })),
    stressed: columns.find(({ is_stressed }) => is_stressed)?.offer_id ?? null,
    badge,
  }
}
