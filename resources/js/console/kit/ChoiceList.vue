<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

defineProps<{ label: string; choices: { value: T; words: string; note: string }[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <RadioGroup v-model="model">
    <RadioGroupLabel as="span" class="sr-only">{{ label }}</RadioGroupLabel>
    <RadioGroupOption
      v-for="choice in choices"
      :key="choice.value"
      v-slot="{ checked, active }"
      :value="choice.value"
      as="template"
    >
      <div
        class="cursor-pointer border-l-4 px-3 py-2"
        :class="[checked ? 'border-silk' : 'border-transparent', { 'bg-paper': active }]"
      >
        <span class="block font-medium">{{ choice.words }}</span>
        <span class="block text-sm text-pencil">{{ choice.note }}</span>
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
