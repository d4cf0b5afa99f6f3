<script setup lang="ts">
import { useElementSize, useResizeObserver } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import PostedFrame from './PostedFrame.vue'

/** A page of the server's, as wide as is said, made smaller where there is less room, and as high as it is. */
const HEIGHT_AT_FIRST = 270
const props = defineProps<{
  address: string
  /** Posted to the address, where they are more than it holds. */
  fields?: Record<string, string>
  title: string
  /** In px. */
  width: number
}>()

const room = useTemplateRef<HTMLElement>('room')
const { width: available } = useElementSize(room)
const scale = computed(() => Math.min(1, available.value / props.width))
// The page in the frame is of this origin, so that it can be asked for its height; it runs no script all the same.
const frame = useTemplateRef<HTMLIFrameElement>('frame')
const page = ref<HTMLElement | null>(null)
const tall = ref(HEIGHT_AT_FIRST)
useResizeObserver(page, () => (tall.value = page.value?.offsetHeight ?? tall.value))
const size = computed(() => ({
  width: `${props.width}px`,
  height: `${tall.value}px`,
  transform: `scale(${scale.value})`,
}))
</script>

<template>
  <div ref="room">
    <div
      class="overflow-hidden border border-rule"
      :style="{ width: `${width * scale}px`, height: `${tall * scale}px` }"
    >
      <PostedFrame
        v-if="fields"
        :action="address"
        :fields="fields"
        :title="title"
        class="origin-top-left [&_iframe]:border-0"
        :style="size"
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
        :style="size"
        @load="page = frame?.contentDocument?.documentElement ?? null"
      />
    </div>
  </div>
</template>
