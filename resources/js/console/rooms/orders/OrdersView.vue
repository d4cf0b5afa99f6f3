<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import OrdersTable from './OrdersTable.vue'
import SendDialog from './SendDialog.vue'
import { useMoveOrders } from './useMoveOrders'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const session = useSession()
/** One of the states of goods, or of money, as the address and the server name it. */
function stateOf(filter: string): { state?: Schemas['GoodsState']; money?: Schemas['MoneyState'] } {
  if (filter === '') return {}
  return filter.startsWith('money-')
    ? { money: filter.slice('money-'.length) as Schemas['MoneyState'] }
    : { state: filter as Schemas['GoodsState'] }
}

const refused = ref<Schemas['RefusedEvent'][]>([])
const selected = ref<number[]>([])
const { list, refusal, search, filter, turnTo, load } = useList((asked, state) =>
  outcome(
    api.GET('/shops/{shop}/orders', {
      params: {
        path: { shop: session.slug },
        query: { ...asked, ...stateOf(state) },
      },
    }),
  ),
)
const {
  asksFor,
  carrier,
  tracking,
  isBusy,
  refusal: moveRefusal,
  stayed,
  press,
  send,
} = useMoveOrders(async () => {
  selected.value = []
  await load()
})

const states = computed(() => [
  { value: '', label: 'All' },
  ...(list.value?.states ?? []).map(({ state, label, count }) => ({
    value: state as string,
    label: `${label} ${count}`,
  })),
  // That it is paid is as it should be, and nothing to look for.
  ...(list.value?.money ?? [])
    .filter(({ state, count }) => state !== 'paid' && count > 0)
    .map(({ state, label, count }) => ({ value: `money-${state}`, label: `${label} ${count}` })),
])

const sheet = computed(
  () => `/sheets/${session.slug}/orders.csv?${new URLSearchParams({ search: search.value, ...stateOf(filter.value) })}`,
)

// What the dialog asked for, the dialog says.
const complaint = computed(() => refusal.value ?? (asksFor.value.length === 0 ? moveRefusal.value : null))

// What is out of sight is not acted on.
watch(list, () => (selected.value = []))

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/refused-events', { params: { path: { shop: session.slug } } }))
  refused.value = data ?? []
})
</script>

<template>
  <ListHead
    v-model="search"
    title="Orders"
    help="orders"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by number, name, mail, SKU"
  >
    <RouterLink :to="{ name: 'gift-cards', params: { shop: session.slug } }" class="follow">Gift cards</RouterLink>
    <a v-if="list && list.at.total > 0" :href="sheet" class="follow" download>Download as CSV</a>
  </ListHead>
  <p v-if="complaint" class="mb-3 text-wrong" role="alert">{{ complaint.message }}</p>
  <ul v-if="stayed.length" class="mb-4 border-l-4 border-amber py-1 pl-4" role="status">
    <li v-for="order in stayed" :key="order.number">Order {{ order.number }} stayed as it was. {{ order.why }}</li>
  </ul>
  <details v-if="refused.length" class="mb-5 border-l-4 border-amber py-1 pl-4" data-refused>
    <summary class="cursor-pointer font-semibold text-amber">
      {{ refused.length === 1 ? 'One payment wants a look' : `${refused.length} things about payments want a look` }}
    </summary>
    <ul class="mt-2 grid gap-2">
      <li v-for="event in refused" :key="`${event.payment}${event.reason}`">
        <span class="font-mono text-sm">{{ event.payment }}</span> · {{ event.reason }}
        <span class="text-sm text-pencil"
          >{{ event.times === 1 ? 'Once' : `${event.times} times` }}, last {{ dayAndTime(event.last_at) }}.</span
        >
      </li>
    </ul>
  </details>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <SegmentedChoice v-model="filter" label="Show" class="mb-4" :choices="states" />
    <div v-if="list.items.length === 0 && search === '' && filter === ''" class="max-w-xl py-10">
      <p class="sentence mb-3 text-2xl">No orders yet.</p>
      <p class="text-pencil">
        Put an offer on a page and follow its button yourself: your own order is the first to stand here.
      </p>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">
      {{ search === '' ? 'No order has this state.' : 'No order fits' }}
      <template v-if="search !== ''"
        >“<bdi>{{ search }}</bdi
        >”.</template
      >
    </p>
    <template v-else>
      <div v-if="selected.length" class="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2" data-selected>
        <span class="font-semibold">{{ selected.length }} selected</span>
        <button
          v-for="deed in list.deeds"
          :key="deed.state"
          class="follow"
          :disabled="isBusy"
          @click="press(deed.state, selected)"
        >
          {{ deed.deed }}
        </button>
        <a
          :href="`/sheets/${session.slug}/slips?orders=${selected.join(',')}`"
          class="follow"
          target="_blank"
          rel="noopener"
          >Packing slips</a
        >
        <button class="follow" @click="selected = []">Clear</button>
      </div>
      <p v-else class="mb-3 text-pencil">Select orders to mark them as packed, sent or collected.</p>
      <OrdersTable v-model:selected="selected" :orders="list.items" />
    </template>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
  <SendDialog
    v-model:carrier="carrier"
    v-model:tracking="tracking"
    :numbers="asksFor"
    :is-busy="isBusy"
    :refusal="moveRefusal"
    @close="asksFor = []"
    @send="send"
  />
</template>
