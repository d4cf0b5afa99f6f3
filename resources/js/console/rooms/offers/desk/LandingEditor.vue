<script setup lang="ts">
import ListedHosts from './ListedHosts.vue'
import SlotInput from './SlotInput.vue'

const landing = defineModel<string>({ required: true })
</script>

<template>
  <SlotInput v-model="landing" label="Where they land afterwards" placeholder="https://" inputmode="url" />
  <p class="mt-1 text-sm text-pencil">Left blank they land where the shop leads everybody.</p>
  <ListedHosts class="mt-2" />
</template>
