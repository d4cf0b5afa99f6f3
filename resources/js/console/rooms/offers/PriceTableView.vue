<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import CopyButton from '../../kit/CopyButton.vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PreviewFrame from '../../kit/PreviewFrame.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import TableColumns from './TableColumns.vue'
import TextField from '../../kit/TextField.vue'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDeleting } from '../../lib/deleting'
import { useDraft } from '../../lib/useDraft'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const props = defineProps<{ id?: number; from?: number | undefined }>()
const deleting = useDeleting()
const session = useSession()
const router = useRouter()
const table = ref<Schemas['PriceTable'] | null>(null)
const name = ref('')
const columns = ref<Schemas['TableColumn'][]>([])
const refusal = ref<Refusal | null>(null)
const ground = ref<'light' | 'dark' | 'patterned'>('light')
const version = ref<number | undefined>(undefined)
/** What is typed before all is there would be written over. */
const isLoaded = ref(false)
const typed = computed<{ name: string; columns: Schemas['TableColumn'][] } | null>({
  get: () => ({ name: name.value, columns: columns.value }),
  set: (now) => {
    name.value = now?.name ?? ''
    columns.value = now?.columns ?? []
  },
})
const draft = useDraft(() => `${session.slug}/price-table/${table.value?.id ?? 'new'}`, typed)
const { isDirty, wasKept, canTakeBack, canRedo } = draft
/** What is sent. */
const mine = computed(() => ({
  name: name.value,
  offers: columns.value.map(({ offer_id }) => offer_id),
  stressed: columns.value.find(({ is_stressed }) => is_stressed)?.offer_id ?? null,
}))
const { isAsking, answer } = useLeaveGuard(isDirty)

async function load(): Promise<void> {
  if (!props.id) {
    if (props.from) await beginFrom(props.from)
    draft.begin(0)
    isLoaded.value = true
    return
  }
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/price-tables/{priceTable}', {
      params: { path: { shop: session.slug, priceTable: props.id } },
    }),
  )
  refusal.value = refused ?? null
  if (!data) return
  take(data)
  version.value = draft.begin(data.version)
  isLoaded.value = true
}

/** The columns of another one, under a name of its own. */
async function beginFrom(other: number): Promise<void> {
  const { data } = await outcome(
    api.GET('/shops/{shop}/price-tables/{priceTable}', {
      params: { path: { shop: session.slug, priceTable: other } },
    }),
  )
  columns.value = data?.columns ?? []
}

async function remove(): Promise<void> {
  if (!table.value) return
  refusal.value = await deleting.remove('price_table', table.value.id, table.value.name)
  if (refusal.value) return
  draft.drop()
  await router.push({ name: 'price-tables', params: { shop: session.slug } })
}

async function discard(): Promise<void> {
  draft.drop()
  await load()
}

/** Puts what a version said into the form: of the columns, those whose offers are still known. */
async function restore(form: Record<string, unknown>): Promise<void> {
  const then = form as Schemas['PriceTableEntry']
  const { data } = await outcome(
    api.GET('/shops/{shop}/offers', {
      params: { path: { shop: session.slug }, query: { ids: then.offers.join(',') } },
    }),
  )
  name.value = then.name
  columns.value = then.offers.flatMap((offer) =>
    (data?.items ?? [])
      .filter(({ id }) => id === offer)
      .map(({ id, short, state }) => ({ offer_id: id, short, state, is_stressed: id === then.stressed })),
  )
}

onMounted(load)

function take(taken: Schemas['PriceTable']): void {
  table.value = taken
  name.value = taken.name
  columns.value = taken.columns
}

const save = oneAtATime(async (over: number | undefined = version.value, form?: object): Promise<void> => {
  const body = (form as Schemas['PriceTableEntry'] | undefined) ?? mine.value
  const path = { shop: session.slug }
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
      params: { path: { shop: session.slug, priceTable: table.value.id } },
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
      params: { path: { shop: session.slug, priceTable: table.value.id } },
      body: { digest: table.value.digest },
    }),
  )
  if (data) take(data)
}
</script>

<template>
  <div class="pt-6 pb-16">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <h1 class="sentence mb-4 text-3xl font-semibold">
      <bdi>{{ name || 'A price table' }}</bdi>
    </h1>
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="mine"
      @insist="save"
      @settle="(form, over) => save(over, form)"
      @reload="discard"
    />
    <KeptNotice :is-shown="wasKept" @drop="discard" />
    <p v-if="!isLoaded && !refusal" class="text-pencil">Loading…</p>
    <form v-if="isLoaded" class="grid gap-x-10 gap-y-6 lg:grid-cols-2" novalidate @submit.prevent="save()">
      <div>
        <LedgerRow title="Name">
          <TextField v-model="name" label="Name of the table" :error="sentenceAt(refusal, 'name')" />
        </LedgerRow>
        <LedgerRow title="Columns">
          <TableColumns v-model="columns" />
          <p v-if="sentenceAt(refusal, 'offers')" class="mt-2 text-sm text-wrong" role="alert">
            {{ sentenceAt(refusal, 'offers') }}
          </p>
        </LedgerRow>
        <div class="flex flex-wrap gap-2">
          <button type="submit" class="deed" :disabled="!isDirty">Save</button>
          <button v-if="table && !isDirty" type="button" class="side-deed !min-h-10" @click="putAway(!table.is_away)">
            {{ table.is_away ? 'Bring back' : 'Archive' }}
          </button>
          <UndoButtons
            :can-take-back="canTakeBack"
            :can-redo="canRedo"
            @take-back="draft.takeBack"
            @redo="draft.redo"
          />
          <FormHistory
            v-if="table"
            kind="price_table"
            :subject="table.id"
            title="History of this price table"
            @restore="restore"
          />
          <template v-if="table">
            <RouterLink
              :to="{ name: 'new-price-table', params: { shop: session.slug }, query: { from: table.id } }"
              class="side-deed !min-h-10 content-center"
              >Duplicate</RouterLink
            >
            <button type="button" class="side-deed !min-h-10" @click="remove">Delete</button>
          </template>
        </div>
        <p v-if="table?.is_away" class="mt-2 text-sm text-pencil" role="status">
          It is archived, at the end of the list. What was copied of it goes on working.
        </p>
      </div>
      <section v-if="table" class="min-w-0" aria-labelledby="table-proof">
        <h2 id="table-proof" class="sentence mb-3 text-lg font-semibold">On the page</h2>
        <PreviewFrame
          :key="table.digest"
          v-model:ground="ground"
          :address="`/preview/${session.slug}/tables/${table.id}?ground=${ground}`"
          title="The price table as it will stand"
          is-wide
        />
        <p v-if="table.is_stale" class="mt-3 text-sm text-amber" role="status">
          The copy of {{ dayAndTime(table.copied_at ?? '') }} no longer says what the offers say; copy it again and
          paste it anew.
        </p>
        <div class="mt-3 mb-2">
          <CopyButton :text="table.snippet" label="Copy the table" @copied="remember" />
        </div>
        <p class="text-sm text-pencil">
          <strong v-if="isDirty" class="text-amber">Save first: this is the saved table. </strong>
          A copy: its words, its look and its prices stay as they are today. What a click sells, what that costs and
          where it leads follow every change.
        </p>
      </section>
    </form>
  </div>
</template>
