<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const props = defineProps<{ orders: Schemas['OrderRow'][] }>()
const selected = defineModel<number[]>('selected', { required: true })
const { dayAndTime } = useDates()
const session = useSession()

function moneyTone(order: Schemas['OrderRow']): string {
  return order.money.state === 'authorised' ? 'text-amber' : 'text-pencil'
}

const areAll = computed({
  get: () => props.orders.every((order) => selected.value.includes(order.number)),
  set: (all) => (selected.value = all ? props.orders.map((order) => order.number) : []),
})
</script>

<template>
  <table class="w-full">
    <thead>
      <tr class="small-title border-b border-rule text-left">
        <th scope="col" class="w-10 py-2">
          <input
            v-model="areAll"
            type="checkbox"
            class="size-4 align-middle accent-sea"
            aria-label="Select all on this page"
          />
        </th>
        <th scope="col" class="py-2 pr-4 font-semibold">Order</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">Placed</th>
        <th scope="col" class="py-2 pr-4 font-semibold">Shopper</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold md:table-cell">Goods</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">State</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold lg:table-cell">Money</th>
        <th scope="col" class="py-2 text-right font-semibold">Total</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="order in orders" :key="order.number" class="relative border-b border-rule" data-order>
        <td class="py-2.5">
          <input
            v-model="selected"
            type="checkbox"
            :value="order.number"
            class="relative z-10 size-4 align-middle accent-sea"
            :aria-label="`Select order ${order.number}`"
          />
        </td>
        <td class="py-2.5 pr-4">
          <RouterLink
            :to="{ name: 'order', params: { shop: session.slug, number: order.number } }"
            class="font-medium after:absolute after:inset-0 hover:underline"
            >{{ order.number }}</RouterLink
          >
          <span
            class="block text-sm sm:hidden"
            :class="order.goods_state === 'new' ? 'font-semibold text-amber' : 'text-pencil'"
            >{{ order.goods_label }}</span
          >
        </td>
        <td class="hidden py-2.5 pr-4 whitespace-nowrap text-pencil sm:table-cell">
          {{ dayAndTime(order.placed_at) }}
        </td>
        <td class="max-w-48 truncate py-2.5 pr-4" dir="auto">{{ order.name }}</td>
        <td class="hidden max-w-80 truncate py-2.5 pr-4 md:table-cell" dir="auto">{{ order.goods }}</td>
        <td
          class="hidden py-2.5 pr-4 whitespace-nowrap sm:table-cell"
          :class="order.goods_state === 'new' ? 'font-semibold text-amber' : 'text-pencil'"
        >
          {{ order.goods_label }}
        </td>
        <td class="hidden py-2.5 pr-4 whitespace-nowrap lg:table-cell" :class="moneyTone(order)">
          {{ order.money.label }}
        </td>
        <td class="py-2.5 text-right whitespace-nowrap">
          {{ order.total.shown }}
          <span v-if="order.money.state !== 'paid'" class="block text-sm lg:hidden" :class="moneyTone(order)">{{
            order.money.label
          }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
