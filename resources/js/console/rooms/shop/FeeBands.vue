<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'
import StepChart from './StepChart.vue'
import { threshold } from './threshold'

type Table = Schemas['FeeTable']

/** A zone's fees as thresholds, and the steps that they make. */
const props = defineProps<{
  zone: string
  /** Where the table is in the form. */
  path: string
  steps: Schemas['FeeStep'][]
  errorAt: (path: string) => string | undefined
}>()
const table = defineModel<Table>({ required: true })

const errors = computed(() =>
  table.value.bands.flatMap((_, at) => ['from', 'fee'].flatMap((key) => errorOf(at, key) ?? [])),
)

function errorOf(at: number, key: string): string | undefined {
  return props.errorAt(`${props.path}.bands[${at}].${key}`)
}

function changeBand(at: number, part: Partial<Table['bands'][number]>): void {
  changeBands(table.value.bands.map((band, index) => (index === at ? { ...band, ...part } : band)))
}

function changeBands(bands: Table['bands']): void {
  table.value = { ...table.value, bands }
}
</script>

<template>
  <div class="mt-3 grid gap-x-8 gap-y-3 md:grid-cols-[16rem_minmax(0,1fr)]">
    <div>
      <div class="grid grid-cols-[1fr_1fr_2rem] gap-x-2 text-sm text-pencil" aria-hidden="true">
        <span>From</span><span>costs</span>
      </div>
      <div
        v-for="(band, at) in table.bands"
        :key="at"
        class="grid grid-cols-[1fr_1fr_2rem] items-center gap-x-2 py-0.5"
      >
        <input
          class="entry"
          :value="band.from"
          :readonly="at === 0"
          inputmode="decimal"
          :aria-label="`Band ${at + 1} of ${zone} begins at`"
          :aria-invalid="errorOf(at, 'from') ? 'true' : undefined"
          @input="changeBand(at, { from: threshold(table, typed($event)) })"
        />
        <input
          class="entry"
          :value="band.fee"
          inputmode="decimal"
          :aria-label="`Band ${at + 1} of ${zone} costs`"
          :aria-invalid="errorOf(at, 'fee') ? 'true' : undefined"
          @input="changeBand(at, { fee: typed($event) })"
        />
        <button
          v-if="at > 0"
          type="button"
          class="min-h-8 text-sea"
          :aria-label="`Remove band ${at + 1} of ${zone}`"
          @click="changeBands(table.bands.filter((_, index) => index !== at))"
        >
          ×
        </button>
      </div>
      <button type="button" class="follow min-h-8" @click="changeBands([...table.bands, { from: '', fee: '' }])">
        Another threshold
      </button>
      <p v-for="sentence in errors" :key="sentence" class="text-sm text-wrong" role="alert">{{ sentence }}</p>
    </div>
    <StepChart v-if="steps.length > 0" :steps="steps" class="self-end" />
  </div>
</template>
