<script setup lang="ts" generic="V extends string">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed } from 'vue'

/** One of a short list. */
const props = defineProps<{ label: string; choices: { value: V; label: string }[]; isLabelHidden?: boolean }>()
const model = defineModel<V>({ required: true })
const shown = computed(
  () => props.choices.find(({ value }) => value === model.value)?.label ?? (model.value || 'Choose'),
)
</script>

<template>
  <Listbox v-model="model" as="div" class="relative">
    <ListboxLabel :class="isLabelHidden ? 'sr-only' : 'mb-1 block font-medium'">{{ label }}</ListboxLabel>
    <ListboxButton class="entry flex items-center justify-between gap-3 text-left">
      <span class="min-w-0 truncate">{{ shown }}</span>
      <span aria-hidden="true" class="text-pencil">▾</span>
    </ListboxButton>
    <ListboxOptions
      class="absolute z-30 mt-1 max-h-72 w-full min-w-44 overflow-auto border-t-3 border-sea bg-sheet py-1 shadow-lg"
    >
      <ListboxOption
        v-for="choice in choices"
        :key="choice.value"
        v-slot="{ active, selected }"
        :value="choice.value"
        as="template"
      >
        <li class="cursor-pointer px-3 py-1.5" :class="{ 'bg-paper': active, 'font-semibold': selected }">
          {{ choice.label }}
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
