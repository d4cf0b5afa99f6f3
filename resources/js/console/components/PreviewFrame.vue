<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import SegmentedChoice from './SegmentedChoice.vue'

/** A page of somebody's, with a button or a table on it: as wide and on such a ground as is chosen. */
const props = defineProps<{ address: string; title: string; height: number; isWide?: boolean }>()
const ground = defineModel<'light' | 'dark' | 'patterned'>('ground', { required: true })

const width = ref<'280' | '390' | '720'>(props.isWide ? '720' : '390')
const room = useTemplateRef<HTMLElement>('room')
const { width: available } = useElementSize(room)
const scale = computed(() => Math.min(1, available.value / Number(width.value)))
// A narrow page is a long one.
const tall = computed(() => {
  if (props.isWide && width.value !== '720') return props.height * 2.6
  return width.value === '280' ? props.height * 1.3 : props.height
})
</script>

<template>
  <div>
    <div ref="room">
      <div
        class="overflow-hidden border border-rule"
        :style="{ width: `${Number(width) * scale}px`, height: `${tall * scale}px` }"
      >
        <iframe
          :src="address"
          sandbox=""
          :title="title"
          class="origin-top-left"
          tabindex="-1"
          :style="{ width: `${width}px`, height: `${tall}px`, transform: `scale(${scale})` }"
        />
      </div>
    </div>
    <div class="mt-2 flex flex-wrap gap-x-6 gap-y-1">
      <SegmentedChoice
        v-model="width"
        label="Width"
        :choices="[
          { value: '280', label: '280' },
          { value: '390', label: '390' },
          { value: '720', label: '720 px' },
        ]"
      />
      <SegmentedChoice
        v-model="ground"
        label="Ground"
        :choices="[
          { value: 'light', label: 'light' },
          { value: 'dark', label: 'dark' },
          { value: 'patterned', label: 'patterned' },
        ]"
      />
    </div>
  </div>
</template>
