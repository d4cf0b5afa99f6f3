<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'
import { shownDay } from '../../lib/shownDay'

const props = defineProps<{ prices: Schemas['Price'][] }>()
const selected = defineModel<number[]>('selected', { required: true })
const { dayAndTime } = useDates()
const session = useSession()
const areAll = computed({
  get: () => props.prices.every(({ id }) => selected.value.includes(id)),
  set: (all) => (selected.value = all ? props.prices.map(({ id }) => id) : []),
})

function tone(price: Schemas['Price']): string {
  if (price.state === 'same' || price.state === null) return 'text-pencil'
  return 'font-semibold text-amber'
}

function shown(price: Schemas['Price']): string {
  if (!price.price) return 'none'
  if (!price.is_shown) return `${price.price.shown}, not shown`
  return price.is_old ? `${price.price.shown}, marked as old` : price.price.shown
}
</script>

<template>
  <table class="w-full">
    <thead>
      <tr class="small-title border-b border-rule text-left align-bottom">
        <th scope="col" class="w-10 py-2">
          <input
            v-model="areAll"
            type="checkbox"
            class="size-4 align-middle accent-sea"
            aria-label="Select all on this page"
          />
        </th>
        <th scope="col" class="py-2 pr-4 font-semibold">Product</th>
        <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">You show, seen on</th>
        <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">Its page says</th>
        <th scope="col" class="py-2 font-semibold">State, looked at</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="price in prices" :key="price.id" class="border-b border-rule align-baseline" data-price>
        <td class="py-2">
          <input
            v-model="selected"
            type="checkbox"
            :value="price.id"
            class="size-4 align-middle accent-sea"
            :aria-label="`Select ${price.product} at ${price.marketplace}`"
          />
        </td>
        <td class="py-2 pr-4">
          <span class="flex flex-wrap items-baseline gap-x-3">
            <RouterLink
              :to="{ name: 'product', params: { shop: session.slug, id: price.product_id } }"
              class="leading-snug font-medium [overflow-wrap:anywhere] hover:underline"
              dir="auto"
              >{{ price.product }}</RouterLink
            >
            <a
              :href="price.page"
              class="text-sm [overflow-wrap:anywhere] text-sea hover:underline"
              target="_blank"
              rel="noopener noreferrer"
              ><bdi>{{ price.marketplace }}</bdi
              ><span class="sr-only">: look at its page</span></a
            >
          </span>
          <span class="block text-sm sm:hidden"
            >{{ shown(price) }}<template v-if="price.found"> · its page says {{ price.found.shown }}</template></span
          >
        </td>
        <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">
          <span v-if="price.seen_on" class="mr-2 text-sm whitespace-nowrap text-pencil">{{
            shownDay(price.seen_on)
          }}</span>
          <span class="whitespace-nowrap">{{ shown(price) }}</span>
        </td>
        <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{{ price.found?.shown ?? '–' }}</td>
        <td class="max-w-96 py-2">
          <span class="flex flex-wrap items-baseline gap-x-3">
            <span :class="tone(price)">{{ price.label }}</span>
            <span v-if="price.checked_at" class="text-sm text-pencil">{{ dayAndTime(price.checked_at) }}</span>
          </span>
          <span v-if="price.what" class="block text-sm">{{ price.what }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
