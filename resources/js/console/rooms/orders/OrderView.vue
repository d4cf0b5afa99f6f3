<script setup lang="ts">
import ProductPicture from '../../kit/ProductPicture.vue'
import { useIntervalFn } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import BillSlip from '../../kit/BillSlip.vue'
import CancelDialog from './CancelDialog.vue'
import OrderCards from './OrderCards.vue'
import OrderGoods from './OrderGoods.vue'
import OrderDownloads from './OrderDownloads.vue'
import OrderMoney from './OrderMoney.vue'
import OrderNote from './OrderNote.vue'
import RefundDialog from './RefundDialog.vue'
import SendDialog from './SendDialog.vue'
import { useMoveOrders } from './useMoveOrders'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const props = defineProps<{ number: number }>()
const session = useSession()
const order = ref<Schemas['Order'] | null>(null)
const refusal = ref<Refusal | null>(null)
const opened = ref<'' | 'refund' | 'cancel'>('')

async function load(): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/orders/{number}', { params: { path: { shop: session.slug, number: props.number } } }),
  )
  order.value = data ?? order.value
  refusal.value = refused ?? null
}

/** What was done in a dialog has changed the order. */
function take(changed: Schemas['Order']): void {
  order.value = changed
  opened.value = ''
}

// What the payment provider still has to answer comes by itself.
const waits = computed(
  () =>
    order.value?.money.state === 'authorised' || order.value?.refunds.some(({ state }) => state === 'pending') === true,
)
useIntervalFn(() => {
  if (waits.value && opened.value === '') void load()
}, 3000)

const { asksFor, carrier, tracking, isBusy, refusal: moveRefusal, stayed, press, send } = useMoveOrders(load)

onMounted(load)
</script>

<template>
  <p class="pt-6">
    <RouterLink :to="{ name: 'orders', params: { shop: session.slug } }" class="follow">All orders</RouterLink>
  </p>
  <h1 class="sentence pt-2 pb-5 text-3xl font-semibold">Order {{ number }}</h1>
  <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
  <div v-if="order" class="grid gap-x-16 gap-y-8 md:grid-cols-[minmax(0,1fr)_24rem]">
    <div class="grid content-start gap-6">
      <OrderGoods
        :order="order"
        :is-busy="isBusy"
        @press="(state) => press(state, [number])"
        @cancel="opened = 'cancel'"
      />
      <p v-if="moveRefusal && asksFor.length === 0" class="text-wrong" role="alert">{{ moveRefusal.message }}</p>
      <p v-if="stayed[0]" class="text-amber" role="status">{{ stayed[0].why }}</p>
      <OrderMoney :order="order" @refund="opened = 'refund'" />
      <OrderCards v-if="order.gift_cards.length > 0" :order="order" />
      <OrderDownloads v-if="order.downloads.length > 0" :order="order" @changed="take" />
      <section>
        <h2 class="small-title mb-1">{{ order.address.length > 0 ? 'Goes to' : 'From' }}</h2>
        <address class="not-italic" dir="auto">
          <span v-for="(line, index) in order.address" :key="index" class="block [overflow-wrap:anywhere]">{{
            line
          }}</span>
        </address>
        <p class="mt-1 [overflow-wrap:anywhere]">{{ order.email }}</p>
        <p v-if="order.phone">{{ order.phone }}</p>
      </section>
      <section v-if="order.comment">
        <h2 class="small-title mb-1">Says</h2>
        <p class="[overflow-wrap:anywhere] whitespace-pre-line" dir="auto">{{ order.comment }}</p>
      </section>
      <section>
        <h2 class="small-title mb-1">Placed</h2>
        <p>{{ dayAndTime(order.placed_at) }}</p>
        <p>
          <a :href="`/sheets/${session.slug}/slips?orders=${number}`" class="follow" target="_blank" rel="noopener"
            >Packing slip</a
          >
        </p>
      </section>
      <OrderNote :order="order" @changed="take" @reload="load" />
      <section>
        <h2 class="small-title mb-2">Goods</h2>
        <ul>
          <li
            v-for="line in order.bill.lines"
            :key="line.sku"
            class="flex items-center gap-4 border-b border-rule py-2"
          >
            <ProductPicture :path="line.picture_path" :side="48" />
            <span class="min-w-0 flex-1 [overflow-wrap:anywhere]"
              ><bdi>{{ line.name }}</bdi
              ><span v-if="line.choices" class="block" dir="auto">{{ line.choices }}</span
              ><span v-if="line.when" class="block text-sm" dir="auto">{{ line.when }}</span
              ><span v-if="line.attendees.length" class="block text-sm" dir="auto"
                >Who comes: {{ line.attendees.join(', ') }}</span
              ><span class="block font-mono text-sm text-pencil">{{ line.sku }}</span></span
            >
            <span class="text-right"
              >× {{ line.quantity
              }}<span v-if="line.back_ordered > 0" class="block text-sm text-amber"
                >{{ line.back_ordered }} not in stock when ordered</span
              ></span
            >
          </li>
        </ul>
      </section>
    </div>
    <section class="self-start border-t-3 border-sea bg-sheet p-5">
      <h2 class="small-title mb-2">The bill, as it was paid</h2>
      <BillSlip :bill="order.bill" with-profit />
    </section>
  </div>
  <template v-if="order">
    <RefundDialog :order="order" :is-open="opened === 'refund'" @close="opened = ''" @done="take" />
    <CancelDialog :order="order" :is-open="opened === 'cancel'" @close="opened = ''" @done="take" />
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
