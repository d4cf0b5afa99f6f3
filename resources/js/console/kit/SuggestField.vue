<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxLabel, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed } from 'vue'

/** A name of one's own, with the names that are there already to take up. */
const props = defineProps<{ label: string; known: string[]; error?: string | undefined }>()
const model = defineModel<string>({ required: true })
const found = computed(() => {
  const wanted = model.value.trim().toLowerCase()
  return props.known.filter((name) => name !== model.value && name.toLowerCase().includes(wanted))
})
</script>

<template>
  <Combobox v-model="model" as="div" class="relative">
    <ComboboxLabel class="mb-1 block font-medium">{{ label }}</ComboboxLabel>
    <ComboboxInput
      class="entry"
      autocomplete="off"
      dir="auto"
      :display-value="() => model"
      :aria-invalid="error ? 'true' : undefined"
      @change="model = $event.target.value"
    />
    <ComboboxOptions
      v-if="found.length > 0"
      class="absolute z-30 mt-1 max-h-60 w-full overflow-auto border-t-3 border-sea bg-sheet py-1 shadow-lg"
    >
      <ComboboxOption v-for="name in found" :key="name" v-slot="{ active }" :value="name" as="template">
        <li class="cursor-pointer px-3 py-1.5" :class="{ 'bg-paper': active }">
          <bdi>{{ name }}</bdi>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
  </Combobox>
</template>
