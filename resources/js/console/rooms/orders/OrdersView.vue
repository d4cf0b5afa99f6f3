<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const session = useSession()
const refused = ref<Schemas['RefusedEvent'][]>([])
const { list, refusal, search, turnTo } = useList((asked) =>
  outcome(api.GET('/shops/{shop}/orders', { params: { path: { shop: session.slug }, query: asked } })),
)

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/refused-events', { params: { path: { shop: session.slug } } }))
  refused.value = data ?? []
})
</script>

<template>
  <ListHead
    v-model="search"
    title="Orders"
    :count="list?.at.total ?? null"
    filter-label="Filter by number, name, mail, SKU"
  />
  <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
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
  <template v-if="list">
    <div v-if="list.items.length === 0 && search === ''" class="max-w-xl py-10">
      <p class="sentence mb-3 text-2xl">No orders yet.</p>
      <p class="text-pencil">
        Put an offer on a page and follow its button yourself: your own order is the first to stand here.
      </p>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">
      No order fits “<bdi>{{ search }}</bdi
      >”.
    </p>
    <table v-else class="w-full">
      <thead>
        <tr class="small-title border-b border-rule text-left">
          <th scope="col" class="py-2 pr-4 font-semibold">Order</th>
          <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">Placed</th>
          <th scope="col" class="py-2 pr-4 font-semibold">Shopper</th>
          <th scope="col" class="hidden py-2 pr-4 font-semibold md:table-cell">Goods</th>
          <th scope="col" class="py-2 text-right font-semibold">Total</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="order in list.items" :key="order.number" class="relative border-b border-rule" data-order>
          <td class="py-3 pr-4">
            <RouterLink
              :to="{ name: 'order', params: { shop: session.slug, number: order.number } }"
              class="font-medium after:absolute after:inset-0 hover:underline"
              >{{ order.number }}</RouterLink
            >
          </td>
          <td class="hidden py-3 pr-4 whitespace-nowrap text-pencil sm:table-cell">
            {{ dayAndTime(order.placed_at) }}
          </td>
          <td class="max-w-48 truncate py-3 pr-4" dir="auto">{{ order.name }}</td>
          <td class="hidden max-w-80 truncate py-3 pr-4 md:table-cell" dir="auto">{{ order.goods }}</td>
          <td class="py-3 text-right whitespace-nowrap">
            {{ order.total.shown }}
            <span v-if="!order.is_captured" class="block text-sm text-amber">held, not taken yet</span>
          </td>
        </tr>
      </tbody>
    </table>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
