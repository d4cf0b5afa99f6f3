<script setup lang="ts">
import {
  Combobox,
  ComboboxButton,
  ComboboxInput,
  ComboboxLabel,
  ComboboxOption,
  ComboboxOptions,
} from '@headlessui/vue'
import { computed, ref } from 'vue'
import { useSession } from '../lib/session'

defineProps<{ label: string; error?: string | undefined }>()
const model = defineModel<string>({ required: true })
const session = useSession()
const typed = ref('')
const found = computed(() => {
  const wanted = typed.value.trim().toLowerCase()
  return (session.lists?.countries ?? []).filter(
    ({ code, name }) => wanted === '' || name.toLowerCase().includes(wanted) || code.toLowerCase() === wanted,
  )
})
const nameOf = (code: unknown): string => session.lists?.countries.find((country) => country.code === code)?.name ?? ''
</script>

<template>
  <Combobox v-model="model" as="div" class="relative">
    <ComboboxLabel class="mb-1 block font-medium">{{ label }}</ComboboxLabel>
    <div class="relative">
      <ComboboxInput
        class="entry pr-8"
        :display-value="nameOf"
        autocomplete="off"
        :aria-invalid="error ? 'true' : undefined"
        @change="typed = $event.target.value"
      />
      <ComboboxButton class="absolute inset-y-0 right-0 w-8 text-pencil" :aria-label="`All countries for ${label}`"
        >▾</ComboboxButton
      >
    </div>
    <ComboboxOptions
      class="absolute z-30 mt-1 max-h-64 w-full min-w-48 overflow-auto border-t-3 border-sea bg-sheet py-1 shadow-lg"
    >
      <ComboboxOption
        v-for="country in found"
        :key="country.code"
        v-slot="{ active }"
        :value="country.code"
        as="template"
      >
        <li class="cursor-pointer px-3 py-1" :class="{ 'bg-paper': active }">{{ country.name }}</li>
      </ComboboxOption>
    </ComboboxOptions>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
  </Combobox>
</template>
