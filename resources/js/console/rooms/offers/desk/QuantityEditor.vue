<script setup lang="ts">
import type { Schemas } from '../../../lib/client'
import { useFields } from '../../../lib/useFields'
import SwitchField from '../../../kit/SwitchField.vue'
import TextField from '../../../kit/TextField.vue'
import SlotInput from './SlotInput.vue'

defineProps<{ canAsk: boolean }>()
const quantity = defineModel<string>('quantity', { required: true })
const ask = defineModel<Schemas['AskEntry']>('ask', { required: true })

function change(part: Partial<Schemas['AskEntry']>): void {
  ask.value = { ...ask.value, ...part }
}

const { value } = useFields(ask, change)
</script>

<template>
  <SlotInput v-model="quantity" label="How many one click adds" inputmode="numeric" is-short />
  <template v-if="canAsk">
    <SwitchField v-bind="value('is_asked')" class="mt-3" label="Ask the shopper how many" />
    <div v-if="ask.is_asked" class="mt-3 grid grid-cols-[minmax(0,1fr)_5rem_5rem] gap-3">
      <TextField v-bind="value('label')" label="The question" note="Blank: How many" />
      <TextField v-bind="value('least')" label="From" inputmode="numeric" />
      <TextField v-bind="value('most')" label="To" inputmode="numeric" />
    </div>
    <p v-if="ask.is_asked" class="mt-1 text-sm text-pencil">The question begins with the number above.</p>
  </template>
  <p v-else class="mt-2 text-sm text-pencil">With several products in one offer, each has its number here.</p>
</template>
