<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'

/** A table of fees as the steps that it is: each fee a tread, as long as it counts. */
const props = defineProps<{ steps: Schemas['FeeStep'][] }>()
const WIDTH = 100
const HEIGHT = 34
const drawn = computed(() => {
  const last = props.steps[props.steps.length - 1]
  const end = last ? Math.max(last.from * 1.3, 1) : 1
  const highest = Math.max(...props.steps.map((step) => step.fee), 1)
  return props.steps.map((step, index) => {
    const until = props.steps[index + 1]?.from ?? end
    return {
      step,
      left: (step.from / end) * WIDTH,
      width: ((until - step.from) / end) * WIDTH,
      top: HEIGHT - (step.fee / highest) * (HEIGHT - 4),
    }
  })
})
const said = computed(() => props.steps.map((step) => `from ${step.from_shown}: ${step.fee_shown}`).join('; '))
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      preserveAspectRatio="none"
      class="h-16 w-full"
      role="img"
      :aria-label="`Fees by steps: ${said}`"
    >
      <rect
        v-for="tread in drawn"
        :key="tread.step.from"
        :x="tread.left"
        :y="tread.top"
        :width="Math.max(tread.width - 0.4, 0.2)"
        :height="HEIGHT - tread.top"
        class="fill-sea/20"
      />
      <line
        v-for="tread in drawn"
        :key="`tread-${tread.step.from}`"
        :x1="tread.left"
        :x2="tread.left + tread.width - 0.4"
        :y1="tread.top"
        :y2="tread.top"
        class="stroke-sea"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <figcaption class="flex text-sm" aria-hidden="true">
      <span
        v-for="tread in drawn"
        :key="tread.step.from"
        class="min-w-0 truncate pr-1"
        :style="{ width: `${tread.width}%` }"
        ><span class="font-semibold">{{ tread.step.fee_shown }}</span
        ><span class="block truncate text-pencil">{{ tread.step.from_shown }}</span></span
      >
    </figcaption>
  </figure>
</template>
