<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../../lib/client'
import ChoiceList from '../../../kit/ChoiceList.vue'

/** Names the variant that is sold, or leaves the choice to the shopper. */
const props = defineProps<{ variants: Schemas['VariantChoice'][] }>()
const variant = defineModel<string>({ required: true })
const choices = computed(() => [
  { value: '', words: 'the kind they choose', note: 'The shopper says which: a step more.' },
  ...props.variants.map(({ sku, name, stock }) => ({ value: sku, words: name, note: stockNote(stock) })),
])

function stockNote(stock: number | null | undefined): string {
  if (stock === null || stock === undefined) return 'In stock, uncounted'
  return stock === 0 ? 'None in stock' : `${stock} in stock`
}
</script>

<template>
  <div class="max-h-80 overflow-y-auto">
    <ChoiceList v-model="variant" label="Which of them" :choices="choices" />
  </div>
</template>
