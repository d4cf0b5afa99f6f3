<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'

/** What each month brought, a row of bars for each currency; the table behind it says the same in figures. */
const props = defineProps<{ items: Schemas['Earned'][] }>()

interface Bars {
  currency: string
  highest: string
  bars: { month: string; said: string; height: number; isBelow: boolean }[]
}

const HEIGHT = 88

const charts = computed<Bars[]>(() => {
  const months = [...new Set(props.items.map(({ name }) => name))].reverse()
  // Where nothing was earned there is nothing to draw.
  const earning = props.items.filter(({ commission_minor: minor }) => minor !== 0)
  return [...new Set(earning.map(({ currency }) => currency))].map((currency) => {
    const own = props.items.filter((item) => item.currency === currency)
    const most = Math.max(1, ...own.map(({ commission_minor: minor }) => Math.abs(minor)))
    return {
      currency,
      highest: own.find(({ commission_minor: minor }) => Math.abs(minor) === most)?.commission ?? '',
      bars: months.map((month) => {
        const item = own.find(({ name }) => name === month)
        const minor = item?.commission_minor ?? 0
        return {
          month,
          said: `${month}: ${item?.commission ?? 'nothing'}`,
          height: Math.round((Math.abs(minor) / most) * HEIGHT),
          isBelow: minor < 0,
        }
      }),
    }
  })
})
</script>

<template>
  <div class="flex flex-wrap gap-x-12 gap-y-4">
    <figure v-for="chart in charts" :key="chart.currency" class="min-w-72" aria-hidden="true">
      <figcaption class="small-title mb-2">
        {{ chart.currency }}<span class="font-normal text-pencil">, up to {{ chart.highest }}</span>
      </figcaption>
      <div class="flex items-end gap-1 border-b border-rule" :style="{ height: `${HEIGHT + 8}px` }">
        <div
          v-for="bar in chart.bars"
          :key="bar.month"
          class="min-h-px max-w-14 flex-1"
          :class="bar.isBelow ? 'bg-amber' : 'bg-sea'"
          :style="{ height: `${bar.height}px` }"
          :title="bar.said"
        />
      </div>
      <div class="flex gap-1 text-center text-xs text-pencil">
        <span v-for="bar in chart.bars" :key="bar.month" class="max-w-14 flex-1 truncate">{{
          bar.month.slice(0, 3)
        }}</span>
      </div>
    </figure>
  </div>
</template>
