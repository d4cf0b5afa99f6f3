<script setup lang="ts">
import SlotInput from './SlotInput.vue'

const amount = defineModel<string>({ required: true })
</script>

<template>
  <SlotInput v-model="amount" label="What a click gives" inputmode="decimal" is-short />
  <p class="mt-2 text-sm text-pencil">Blank: the shopper says how much on a page of its own.</p>
</template>
