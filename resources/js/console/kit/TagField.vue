<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxLabel, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { computed, ref } from 'vue'

/** Several names, picked from what is there or made by typing them. */
const props = defineProps<{ label: string; known: string[]; error?: string | undefined; note?: string }>()
const model = defineModel<string[]>({ required: true })
const typed = ref('')

const found = computed(() => {
  const wanted = typed.value.trim().toLowerCase()
  const free = props.known.filter((name) => !model.value.includes(name) && name.toLowerCase().includes(wanted))
  const isNew = wanted !== '' && !props.known.concat(model.value).some((name) => name.toLowerCase() === wanted)
  return isNew ? [...free, typed.value.trim()] : free
})

function add(name: string | null): void {
  if (name && !model.value.includes(name)) model.value = [...model.value, name]
  typed.value = ''
}

function remove(name: string): void {
  model.value = model.value.filter((kept) => kept !== name)
}
</script>

<template>
  <Combobox as="div" class="relative" :model-value="null" nullable @update:model-value="add">
    <ComboboxLabel class="mb-1 block font-medium">{{ label }}</ComboboxLabel>
    <div class="entry flex flex-wrap items-center gap-2">
      <span v-for="name in model" :key="name" class="flex items-center gap-1 border-b-2 border-sea">
        <bdi>{{ name }}</bdi>
        <button type="button" class="min-h-6 min-w-6 text-pencil" :aria-label="`Remove ${name}`" @click="remove(name)">
          ×
        </button>
      </span>
      <ComboboxInput
        class="min-w-28 flex-1 bg-transparent outline-none"
        autocomplete="off"
        :display-value="() => typed"
        @change="typed = $event.target.value"
        @keydown.delete="typed === '' && model.length > 0 && remove(model[model.length - 1]!)"
      />
    </div>
    <ComboboxOptions
      v-if="found.length > 0"
      class="absolute z-30 mt-1 max-h-60 w-full overflow-auto border-t-3 border-sea bg-sheet py-1 shadow-lg"
    >
      <ComboboxOption v-for="name in found" :key="name" v-slot="{ active }" :value="name" as="template">
        <li class="cursor-pointer px-3 py-1.5" :class="{ 'bg-paper': active }">
          <bdi>{{ name }}</bdi> <span v-if="!known.includes(name)" class="text-sm text-pencil">new</span>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    <p v-else-if="note" class="mt-1 text-sm text-pencil">{{ note }}</p>
  </Combobox>
</template>
