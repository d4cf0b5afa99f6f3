<script setup lang="ts">
import TextField from '../../kit/TextField.vue'
import type { Schemas } from '../../lib/client'

/** What a marketplace pays of a sale, by category and day. */
defineProps<{ errorAt: (path: string) => string | undefined }>()
const rates = defineModel<Schemas['RateEntry'][]>({ required: true })

function put(index: number, part: Partial<Schemas['RateEntry']>): void {
  rates.value = rates.value.map((rate, at) => (at === index ? { ...rate, ...part } : rate))
}
</script>

<template>
  <div class="grid gap-3">
    <p v-if="rates.length === 0" class="text-pencil">None yet: without a rate nobody knows what a sale brings.</p>
    <fieldset
      v-for="(rate, index) in rates"
      :key="index"
      class="grid items-start gap-3 sm:grid-cols-[minmax(0,1fr)_6rem_9rem_9rem_auto]"
    >
      <legend class="sr-only">Rate {{ index + 1 }}</legend>
      <TextField
        :model-value="rate.category"
        label="Category"
        :note="index === 0 ? 'Blank: all others.' : undefined"
        :error="errorAt(`rates.${index}.category`)"
        @update:model-value="(category) => put(index, { category })"
      />
      <TextField
        :model-value="rate.rate"
        label="Percent"
        inputmode="decimal"
        :error="errorAt(`rates.${index}.rate`)"
        @update:model-value="(value) => put(index, { rate: value })"
      />
      <TextField
        :model-value="rate.from"
        label="From"
        type="date"
        :error="errorAt(`rates.${index}.from`)"
        @update:model-value="(from) => put(index, { from })"
      />
      <TextField
        :model-value="rate.until"
        label="Up to and with"
        type="date"
        :error="errorAt(`rates.${index}.until`)"
        @update:model-value="(until) => put(index, { until })"
      />
      <button type="button" class="follow min-h-8 sm:mt-8" @click="rates = rates.filter((_, at) => at !== index)">
        Remove<span class="sr-only"> rate {{ index + 1 }}</span>
      </button>
    </fieldset>
    <p v-if="errorAt('rates')" class="text-sm text-wrong" role="alert">{{ errorAt('rates') }}</p>
    <button
      type="button"
      class="side-deed justify-self-start"
      @click="rates = [...rates, { category: '', rate: '', from: '', until: '' }]"
    >
      Add a rate
    </button>
  </div>
</template>
