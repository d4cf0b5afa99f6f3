<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { refDebounced } from '@vueuse/core'
import type { Schemas } from '../../lib/client'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { useSession } from '../../lib/session'

/** A page or a mail in words that may not be saved yet. They are posted: all of a shop's own are more than an address holds. */
const { own, samples } = defineProps<{ own: Record<string, string>; samples: Schemas['Choice'][] }>()

const session = useSession()
const sample = ref('thanks')
const sheet = ref<HTMLFormElement | null>(null)
const asked = ref(0)
const typedWords = computed(() => JSON.stringify(own))
// Not at every letter.
const shown = refDebounced(typedWords, 400)

// A new frame each time, so that the way back is to the view before and not to a preview.
async function show(): Promise<void> {
  asked.value += 1
  await nextTick()
  sheet.value?.submit()
}

onMounted(show)
watch([sample, shown], show)
</script>

<template>
  <aside>
    <h2 class="small-title mb-2">Preview on a sample order</h2>
    <SegmentedChoice v-model="sample" label="Show" class="mb-3" :choices="samples" />
    <form ref="sheet" method="post" :action="`/preview/${session.slug}/words`" target="words-preview" hidden>
      <input type="hidden" name="what" :value="sample" />
      <input type="hidden" name="own" :value="shown" />
    </form>
    <iframe
      :key="asked"
      name="words-preview"
      sandbox="allow-same-origin"
      title="Preview"
      class="h-72 w-full border border-rule lg:h-[28rem]"
    />
  </aside>
</template>
