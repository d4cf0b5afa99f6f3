<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../lib/client'
import PostedFrame from '../../kit/PostedFrame.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { useSession } from '../../lib/session'

/** A page or a mail in words that may not be saved yet. */
defineProps<{ own: Record<string, string>; samples: Schemas['Choice'][] }>()
const session = useSession()
const sample = ref('thanks')
</script>

<template>
  <aside>
    <h2 class="small-title mb-2">Preview on a sample order</h2>
    <SegmentedChoice v-model="sample" label="Show" class="mb-3" :choices="samples" />
    <PostedFrame
      :action="`/preview/${session.slug}/words`"
      :fields="{ what: sample, own: JSON.stringify(own) }"
      title="Preview"
      class="h-72 lg:h-[28rem]"
    />
  </aside>
</template>
