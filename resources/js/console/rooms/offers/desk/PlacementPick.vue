<script setup lang="ts">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import type { Schemas } from '../../../lib/client'

defineProps<{ placements: Schemas['Placement'][]; chosen: Schemas['Placement'] }>()
const emit = defineEmits<{ pick: [id: number] }>()
</script>

<template>
  <Listbox :model-value="chosen.id" as="div" class="relative" @update:model-value="(id: number) => emit('pick', id)">
    <ListboxLabel class="sr-only">Place</ListboxLabel>
    <ListboxButton class="entry flex items-center justify-between gap-2 text-left">
      <span class="truncate"
        ><bdi>{{ chosen.page }}</bdi> <span class="text-pencil">· {{ chosen.medium.label }}</span></span
      >
      <span aria-hidden="true" class="text-sea">▾</span>
    </ListboxButton>
    <ListboxOptions class="absolute z-20 max-h-60 w-full overflow-y-auto border-t-3 border-sea bg-sheet shadow-lg">
      <ListboxOption v-for="placement in placements" :key="placement.id" v-slot="{ active }" :value="placement.id">
        <span class="block px-3 py-1.5" :class="{ 'bg-paper': active }"
          ><bdi>{{ placement.page }}</bdi>
          <span class="text-sm text-pencil"> · {{ placement.medium.label }}</span>
          <span v-if="placement.is_paused" class="text-sm text-amber"> · paused</span>
          <span v-if="placement.is_stale" class="text-sm text-amber"> · copy again</span></span
        >
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
