<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import SegmentedChoice from './SegmentedChoice.vue'

const props = defineProps<{ caption: string }>()

const HEIGHT = 150
const width = ref<'280' | '390' | '720'>('390')
const ground = ref<'light' | 'dark' | 'patterned'>('light')
const room = useTemplateRef<HTMLElement>('room')
const { width: available } = useElementSize(room)
const scale = computed(() => Math.min(1, available.value / Number(width.value)))
const address = computed(
  () => `/preview/button?${new URLSearchParams({ caption: props.caption, ground: ground.value }).toString()}`,
)
</script>

<template>
  <section aria-labelledby="proof-page">
    <h2 id="proof-page" class="sentence mb-3 text-lg font-semibold">On the page</h2>
    <div ref="room" class="overflow-hidden border border-rule" :style="{ height: `${HEIGHT * scale}px` }">
      <iframe
        :src="address"
        sandbox=""
        title="The button as it will stand"
        class="origin-top-left"
        tabindex="-1"
        :style="{ width: `${width}px`, height: `${HEIGHT}px`, transform: `scale(${scale})` }"
      />
    </div>
    <div class="mt-2 grid gap-1">
      <SegmentedChoice
        v-model="width"
        label="Width"
        :choices="[
          { value: '280', label: '280 px' },
          { value: '390', label: '390 px' },
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
  </section>
</template>
