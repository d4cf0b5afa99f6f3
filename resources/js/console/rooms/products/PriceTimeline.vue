<script setup lang="ts">
import type { Schemas } from '../../lib/client'

/** What the price was, is and will be, on a string with a knot at each change. */
defineProps<{ stretches: Schemas['PriceStretch'][] }>()
</script>

<template>
  <ol class="mt-3 flex" aria-label="What the price will be">
    <li
      v-for="(stretch, index) in stretches"
      :key="index"
      class="relative min-w-0 flex-1 border-t-2 pt-2 pr-3"
      :class="stretch.is_sale ? 'border-silk' : 'border-pencil'"
    >
      <span
        v-if="stretch.from"
        aria-hidden="true"
        class="absolute -top-[7px] left-0 size-3 rotate-45 bg-paper"
        :class="stretch.is_sale ? 'border-2 border-silk' : 'border-2 border-pencil'"
      />
      <span class="block text-lg" :class="{ 'font-semibold': stretch.is_now }"
        >{{ stretch.price }}<span v-if="stretch.is_now" class="ml-2 text-sm font-normal text-good">now</span></span
      >
      <span class="block text-sm text-pencil">{{ stretch.from ? `from ${stretch.from}` : 'until then' }}</span>
    </li>
  </ol>
</template>
