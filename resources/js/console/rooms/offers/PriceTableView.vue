<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import CopyButton from '../../kit/CopyButton.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PreviewFrame from '../../kit/PreviewFrame.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import TableColumns from './TableColumns.vue'
import TextField from '../../kit/TextField.vue'
import { oneAtATime } from '../../lib/oneAtATime'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()
const table = ref<Schemas['PriceTable'] | null>(null)
const name = ref('')
const columns = ref<Schemas['TableColumn'][]>([])
const refusal = ref<Refusal | null>(null)
const saved = ref(JSON.stringify(['', []]))
const ground = ref<'light' | 'dark' | 'patterned'>('light')
const isDirty = computed(() => JSON.stringify([name.value, columns.value]) !== saved.value)
const { isAsking, answer } = useLeaveGuard(isDirty)

async function load(): Promise<void> {
  if (!props.id) return
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/price-tables/{priceTable}', {
      params: { path: { shop: session.slug, priceTable: props.id } },
    }),
  )
  refusal.value = refused ?? null
  if (data) take(data)
}

onMounted(load)

function take(taken: Schemas['PriceTable']): void {
  table.value = taken
  name.value = taken.name
  columns.value = taken.columns
  saved.value = JSON.stringify([name.value, columns.value])
}

const save = oneAtATime(async (version: number | undefined = table.value?.version): Promise<void> => {
  const body = {
    name: name.value,
    offers: columns.value.map(({ offer_id }) => offer_id),
    stressed: columns.value.find(({ is_stressed }) => is_stressed)?.offer_id ?? null,
  }
  const path = { shop: session.slug }
  const { data, refusal: refused } = table.value
    ? await outcome(
        api.PUT('/shops/{shop}/price-tables/{priceTable}', {
          params: { path: { ...path, priceTable: table.value.id } },
          body: { ...body, ...(version === undefined ? {} : { version }) },
        }),
      )
    : await outcome(api.POST('/shops/{shop}/price-tables', { params: { path }, body }))
  refusal.value = refused ?? null
  if (!data) return
  take(data)
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
    <RefusalNotice class="mb-3" :refusal="refusal" @insist="save" @reload="load" />
    <form class="grid gap-x-10 gap-y-6 lg:grid-cols-2" novalidate @submit.prevent="save()">
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
