<script setup lang="ts">
import { ref } from 'vue'
import PageFrame from './PageFrame.vue'
import SurroundingsChoice from './SurroundingsChoice.vue'
import { GROUNDS, type Ground, type PageWidth } from './surroundings'

/** A page of somebody's, with a button or a table on it: as wide and on such a ground as is chosen. */
const props = defineProps<{
  address?: string
  /** Posted to the address, where they are more than it holds. */
  fields?: Record<string, string>
  title: string
  isWide?: boolean
}>()
/** What is drawn on the page itself instead of being fetched. */
defineSlots<{ default?: (page: { ground: string }) => unknown }>()
const ground = defineModel<Ground>('ground', { required: true })
const width = ref<PageWidth>(props.isWide ? '720' : '390')
</script>

<template>
  <div>
    <div
      v-if="$slots.default"
      class="overflow-x-auto border border-rule p-4"
      :style="{ maxWidth: `${width}px`, ...GROUNDS[ground] }"
      role="group"
      :aria-label="title"
    >
      <slot :ground="ground" />
    </div>
    <PageFrame
      v-else
      :address="address ?? ''"
      v-bind="fields ? { fields: { ...fields, ground } } : {}"
      :title="title"
      :width="Number(width)"
    />
    <SurroundingsChoice v-model:width="width" v-model:ground="ground" class="mt-2" />
  </div>
</template>
