<script setup lang="ts">
import { computed } from 'vue'

const props = defineProps<{ trace: number[] }>()

const WIDTH = 120
const HEIGHT = 26
const total = computed(() => props.trace.reduce((sum, clicks) => sum + clicks, 0))
const points = computed(() => {
  const most = Math.max(1, ...props.trace)
  const step = WIDTH / Math.max(1, props.trace.length - 1)
  return props.trace
    .map((clicks, day) => `${(day * step).toFixed(1)},${(HEIGHT - 2 - (clicks / most) * (HEIGHT - 4)).toFixed(1)}`)
    .join(' ')
})
const words = computed(() => (total.value === 1 ? '1 click' : `${total.value} clicks`))
</script>

<template>
  <span class="relative inline-flex items-end gap-2.5" :title="`${words} in the last 30 days`">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" :width="WIDTH" :height="HEIGHT" aria-hidden="true">
      <polyline :points="points" fill="none" class="stroke-sea" stroke-width="1.5" stroke-linejoin="round" />
    </svg>
    <span class="text-sm whitespace-nowrap text-pencil"
      >{{ words }} <span class="sr-only">in the last 30 days</span></span
    >
  </span>
</template>
