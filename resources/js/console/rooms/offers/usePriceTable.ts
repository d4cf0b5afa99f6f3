import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref, type ComputedRef, type Ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useDeleting } from '../../lib/deleting'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

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
export function usePriceTable(props: { id?: number | undefined; from?: number | undefined }): {
  table: Ref<Table | null>
  typed: Ref<TypedTable | null>
  /** What is sent. */
  entry: ComputedRef<Entry>
  trial: ComputedRef<Schemas['PriceTableTrial'] | null>
  refusal: Ref<Refusal | null>
  draft: DraftOfForm
  errorAt: (path: string) => string | undefined
  discard: () => Promise<void>
  restore: (form: Record<string, unknown>) => Promise<void>
  save: (over?: number, form?: object) => Promise<void>
  putAway: (isAway: boolean) => Promise<void>
  remember: () => Promise<void>
  remove: () => Promise<void>
} {
  const session = useSession()
  const router = useRouter()
  const deleting = useDeleting()
  const path = { shop: session.slug }
  const table = ref<Table | null>(null)
  /** `null`: not all is there yet, so that nothing typed is written over. */
  const typed = ref<TypedTable | null>(null)
  const refusal = ref<Refusal | null>(null)
  const version = ref<number | undefined>(undefined)
  const draft = useDraft(() => `${session.slug}/price-table/${table.value?.id ?? 'new'}`, typed)
  const entry = computed<Entry>(() => {
    const { columns, ...said } = typed.value ?? { name: '', columns: [], stressed: null, badge: '' }
    return { ...said, columns: columns.map(({ offer_id, name, text }) => ({ offer_id, name, text })) }
  })
  const latest = useLatest((body: Entry) =>
    outcome(api.POST('/shops/{shop}/price-tables/trial', { params: { path }, body })),
  )
  watchDebounced(entry, (body) => latest.run(body), { debounce: 200 })
  const trial = computed(() => latest.answer.value?.data ?? null)

  function take(taken: Table): void {
    table.value = taken
    typed.value = typedOf(taken)
  }

  async function asked(id: number): Promise<Table | undefined> {
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/price-tables/{priceTable}', { params: { path: { ...path, priceTable: id } } }),
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
    typed.value = { ...(other ? typedOf(other) : { columns: [], stressed: null, badge: '' }), name: '' }
    draft.begin(0)
  }

  onMounted(load)

  async function discard(): Promise<void> {
    draft.drop()
    await load()
  }

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

  const save = oneAtATime(async (over: number | undefined = version.value, form?: object): Promise<void> => {
    const body = (form as Entry | undefined) ?? entry.value
    const { data, refusal: refused } = table.value
      ? await outcome(
          api.PUT('/shops/{shop}/price-tables/{priceTable}', {
            params: { path: { ...path, priceTable: table.value.id } },
            body: { ...body, ...(over === undefined ? {} : { version: over }) },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/price-tables', { params: { path }, body }))
    refusal.value = refused ?? null
    if (!data) return
    draft.drop()
    take(data)
    version.value = draft.begin(data.version)
    if (!props.id) await router.replace({ name: 'price-table', params: { ...path, id: data.id } })
  })

  async function putAway(isAway: boolean): Promise<void> {
    if (!table.value) return
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/price-tables/{priceTable}/away', {
        params: { path: { ...path, priceTable: table.value.id } },
        body: { is_away: isAway },
      }),
    )
    refusal.value = refused ?? null
    if (data) take(data)
  }

  async function remember(): Promise<void> {
    if (!table.value) return
    const { data } = await outcome(
      api.POST('/shops/{shop}/price-tables/{priceTable}/copied', {
        params: { path: { ...path, priceTable: table.value.id } },
        body: { digest: table.value.digest },
      }),
    )
    if (data) table.value = data
  }

  async function remove(): Promise<void> {
    if (!table.value) return
    refusal.value = await deleting.remove('price_table', table.value.id, table.value.name)
    if (refusal.value) return
    draft.drop()
    await router.push({ name: 'price-tables', params: path })
  }

  return {
    table,
    typed,
    entry,
    trial,
    refusal,
    draft,
    errorAt: (at) => sentenceAt(refusal.value, at) ?? (isTried(at) ? trial.value?.errors[at] : undefined),
    discard,
    restore,
    save,
    putAway,
    remember,
    remove,
  }
}

/** What is blank at first is not called wrong before it is saved. */
function isTried(path: string): boolean {
  return path !== 'name' && path !== 'columns'
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
