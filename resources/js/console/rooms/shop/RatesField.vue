<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import CountryField from '../../kit/CountryField.vue'
import TextField from '../../kit/TextField.vue'

type Rate = Schemas['ShopRules']['tax'][number]

defineProps<{ errorAt: (path: string) => string | undefined; home: string }>()
const rates = defineModel<Rate[]>({ required: true })

function change(at: number, part: Partial<Rate>): void {
  rates.value = rates.value.map((rate, index) => (index === at ? { ...rate, ...part } : rate))
}
</script>

<template>
  <div class="grid gap-2">
    <div
      v-for="(rate, at) in rates"
      :key="at"
      class="grid items-start gap-3 sm:grid-cols-[minmax(0,13rem)_minmax(0,10rem)_7rem_auto]"
    >
      <CountryField
        label="Country"
        :model-value="rate.country"
        :error="errorAt(`tax[${at}].country`)"
        @update:model-value="(country) => change(at, { country })"
      />
      <TextField
        :model-value="rate.class"
        label="Class"
        :error="errorAt(`tax[${at}].class`)"
        @update:model-value="(name) => change(at, { class: name })"
      />
      <TextField
        :model-value="rate.rate"
        label="Percent"
        inputmode="decimal"
        :error="errorAt(`tax[${at}].rate`)"
        @update:model-value="(percent) => change(at, { rate: percent })"
      />
      <button
        type="button"
        class="side-deed justify-self-start sm:mt-7"
        @click="rates = rates.filter((_, index) => index !== at)"
      >
        Remove <span class="sr-only">the rate of {{ rate.class }} in {{ rate.country }}</span>
      </button>
      <p v-if="errorAt(`tax[${at}]`)" class="text-sm text-wrong sm:col-span-4" role="alert">
        {{ errorAt(`tax[${at}]`) }}
      </p>
    </div>
    <div>
      <button
        type="button"
        class="side-deed"
        @click="rates = [...rates, { country: home, class: 'reduced', rate: '0' }]"
      >
        {{ rates.length === 0 ? 'A first rate' : 'Another rate' }}
      </button>
    </div>
  </div>
</template>
