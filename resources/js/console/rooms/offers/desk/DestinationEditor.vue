<script setup lang="ts">
import { computed } from 'vue'
import ChoiceList from '../../../kit/ChoiceList.vue'
import type { Schemas } from '../../../lib/client'
import ListedHosts from './ListedHosts.vue'
import SlotInput from './SlotInput.vue'

/** Where the click leads; a page of the seller’s own has its address here. */
const props = defineProps<{ choices: Schemas['DestinationNow'][] }>()
const destination = defineModel<Schemas['Destination']>({ required: true })
const page = defineModel<string>('page', { required: true })
// What was chosen for goods that are sold here is not among those of a partner's.
const shown = computed<Schemas['Destination']>({
  get: () => props.choices.find(({ value }) => value === destination.value)?.value ?? props.choices[0]?.value ?? 'pay',
  set: (chosen) => (destination.value = chosen),
})
</script>

<template>
  <div>
    <ChoiceList v-model="shown" label="Where the click leads" :choices="choices" />
    <p v-if="choices.length > 1" class="mt-2 text-sm text-pencil">
      With one thing to sell, lead straight to paying; with several, into the cart, where shoppers add more.
    </p>
    <div v-if="destination === 'page'" class="mt-2 border-l-4 border-silk px-3">
      <SlotInput v-model="page" label="Address of the page" placeholder="https://" inputmode="url" />
      <ListedHosts class="mt-1" />
    </div>
  </div>
</template>
