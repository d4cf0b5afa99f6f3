<script setup lang="ts">
import { computed } from 'vue'
import WhatIsThis from '../../../kit/WhatIsThis.vue'
import type { Schemas } from '../../../lib/client'
import ButtonStrip from '../../../kit/ButtonStrip.vue'
import WidgetStrip from './WidgetStrip.vue'

/** How it will look where it stands: as a button, or as the widget of the place that is chosen. */
const props = defineProps<{
  proof: Schemas['Proof']
  entry: Schemas['OfferEntry']
  placement: Schemas['Placement'] | undefined
}>()

/** The place's own words, where it has any. */
const words = computed(() =>
  props.proof.words.map((word) =>
    word.state === 'idle' && props.placement?.caption ? { ...word, text: props.placement.caption } : word,
  ),
)
</script>

<template>
  <section aria-labelledby="proof-page">
    <div class="mb-3">
      <h2 id="proof-page" class="sentence inline text-lg font-semibold">On the page</h2>
      <WhatIsThis of="page" heading="On the page" />
    </div>
    <WidgetStrip
      v-if="placement?.medium.key === 'widget'"
      :key="placement.id"
      :placement="placement"
      :entry="entry"
      :words="words"
    />
    <ButtonStrip
      v-else
      :look-id="placement?.look_id ?? proof.look_id"
      :words="words"
      :medium="placement?.medium.key"
      :width="placement && { width: placement.width, width_percent: placement.width_percent }"
    />
  </section>
</template>
