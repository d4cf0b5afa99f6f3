<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, useId, watch } from 'vue'

/**
 * A page of the server's in a frame, made of what is typed. It is posted: that may be more than an address holds. The page
 * before stays until the next is there, so that nothing flickers under who types.
 */
const props = defineProps<{ action: string; fields: Record<string, string>; title: string }>()
const emit = defineEmits<{ shown: [page: HTMLElement] }>()

const sheet = ref<HTMLFormElement | null>(null)
const id = useId()
/** By their numbers; the last is on its way, or there. */
const frames = ref<number[]>([])
const shown = ref(0)
const nameOf = (frame: number): string => `${id}-${frame}`
const typed = computed(() => JSON.stringify(props.fields))
// Not at every letter.
const settled = refDebounced(typed, 400)

// A new frame each time, so that the way back is to the view before and not to a preview.
async function show(): Promise<void> {
  const next = (frames.value.at(-1) ?? 0) + 1
  frames.value = [...frames.value.filter((frame) => frame === shown.value), next]
  await nextTick()
  sheet.value?.submit()
}

function arrived(frame: number, event: Event): void {
  const page = event.target instanceof HTMLIFrameElement ? event.target.contentDocument : null
  if (!page || page.URL === 'about:blank' || frame !== frames.value.at(-1)) return
  shown.value = frame
  frames.value = [frame]
  emit('shown', page.documentElement)
}

onMounted(show)
watch(settled, show)
</script>

<template>
  <div class="relative">
    <!-- It may stand in a form, and there is no form within a form. -->
    <Teleport to="body">
      <form ref="sheet" method="post" :action="action" :target="nameOf(frames.at(-1) ?? 0)" hidden>
        <input v-for="(value, field) in fields" :key="field" type="hidden" :name="field" :value="value" />
      </form>
    </Teleport>
    <iframe
      v-for="frame in frames"
      :key="frame"
      :name="nameOf(frame)"
      sandbox="allow-same-origin"
      :title="title"
      class="h-full w-full border border-rule"
      :class="{ 'invisible absolute inset-0': frame !== shown && frames.length > 1 }"
      @load="arrived(frame, $event)"
    />
  </div>
</template>
