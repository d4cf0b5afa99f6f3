<script setup lang="ts">
import { useElementSize, useResizeObserver } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import PostedFrame from './PostedFrame.vue'
import SegmentedChoice from './SegmentedChoice.vue'

/** A page of somebody's, with a button or a table on it: as wide and on such a ground as is chosen. */
const HEIGHT_AT_FIRST = 270
const GROUNDS = {
  light: { background: '#fff', color: '#18222d' },
  dark: { background: '#1b1f24', color: '#e8edf1' },
  patterned: { background: 'repeating-linear-gradient(45deg,#d9e4dc 0 12px,#eef3ee 12px 24px)', color: '#18222d' },
}
const props = defineProps<{
  address?: string
  /** Posted to the address, where they are more than it holds. */
  fields?: Record<string, string>
  title: string
  isWide?: boolean
}>()
/** What is drawn on the page itself instead of being fetched. */
defineSlots<{ default?: (page: { ground: string }) => unknown }>()
const ground = defineModel<'light' | 'dark' | 'patterned'>('ground', { required: true })

const width = ref<'280' | '390' | '720'>(props.isWide ? '720' : '390')
const room = useTemplateRef<HTMLElement>('room')
const { width: available } = useElementSize(room)
const scale = computed(() => Math.min(1, available.value / Number(width.value)))
// The page in the frame is of this origin, so that it can be asked for its height; it runs no script all the same.
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const page = ref<HTMLElement | null>(null)
const tall = ref(HEIGHT_AT_FIRST)
useResizeObserver(page, () => (tall.value = page.value?.offsetHeight ?? tall.value))
</script>

<template>
  <div>
    <div ref="room">
      <div
        v-if="$slots.default"
        class="overflow-x-auto border border-rule p-4"
        :style="{ maxWidth: `${width}px`, ...GROUNDS[ground] }"
        role="group"
        :aria-label="title"
      >
        <slot :ground="ground" />
      </div>
      <div
        v-else
        class="overflow-hidden border border-rule"
        :style="{ width: `${Number(width) * scale}px`, height: `${tall * scale}px` }"
      >
        <PostedFrame
          v-if="fields"
          :action="address ?? ''"
          :fields="{ ...fields, ground }"
          :title="title"
          class="origin-top-left [&_iframe]:border-0"
          :style="{ width: `${width}px`, height: `${tall}px`, transform: `scale(${scale})` }"
          @shown="(shown) => (page = shown)"
        />
        <iframe
          v-else
          ref="frame"
          :src="address"
          sandbox="allow-same-origin"
          :title="title"
          class="origin-top-left"
          tabindex="-1"
          :style="{ width: `${width}px`, height: `${tall}px`, transform: `scale(${scale})` }"
          @load="page = frame?.contentDocument?.documentElement ?? null"
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
        label="Background"
        :choices="[
          { value: 'light', label: 'light' },
          { value: 'dark', label: 'dark' },
          { value: 'patterned', label: 'patterned' },
        ]"
      />
    </div>
  </div>
</template>
