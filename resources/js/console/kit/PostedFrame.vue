<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, useId, watch } from 'vue'

/** A page of the server's in a frame, made of what is typed. It is posted: that may be more than an address holds. */
const props = defineProps<{ action: string; fields: Record<string, string>; title: string }>()

const sheet = ref<HTMLFormElement | null>(null)
const asked = ref(0)
const name = useId()
const typed = computed(() => JSON.stringify(props.fields))
// Not at every letter.
const settled = refDebounced(typed, 400)

// A new frame each time, so that the way back is to the view before and not to a preview.
async function show(): Promise<void> {
  asked.value += 1
  await nextTick()
  sheet.value?.submit()
}

onMounted(show)
watch(settled, show)
</script>

<template>
  <div>
    <form ref="sheet" method="post" :action="action" :target="name" hidden>
      <input v-for="(value, field) in fields" :key="field" type="hidden" :name="field" :value="value" />
    </form>
    <iframe
      :key="asked"
      :name="name"
      sandbox="allow-same-origin"
      :title="title"
      class="h-full w-full border border-rule"
    />
  </div>
</template>
