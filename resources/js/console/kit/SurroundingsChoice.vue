<script setup lang="ts">
import SegmentedChoice from './SegmentedChoice.vue'
import type { Ground, PageWidth } from './surroundings'

/** As wide and on such a background as what is pasted may stand. */
const width = defineModel<PageWidth>('width', { required: true })
const ground = defineModel<Ground>('ground', { required: true })
const WIDTHS: { value: PageWidth; label: string }[] = [
  { value: '280', label: '280' },
  { value: '390', label: '390' },
  { value: '720', label: '720 px' },
]
const GROUNDS: { value: Ground; label: string }[] = [
  { value: 'light', label: 'light' },
  { value: 'dark', label: 'dark' },
  { value: 'patterned', label: 'patterned' },
]
</script>

<template>
  <div class="flex flex-wrap gap-x-6 gap-y-1">
    <SegmentedChoice v-model="width" label="Width" :choices="WIDTHS" />
    <SegmentedChoice v-model="ground" label="Background" :choices="GROUNDS" />
  </div>
</template>
