<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

defineProps<{ label: string; choices: { value: T; label: string }[] }>()
const model = defineModel<T>({ required: true })
</script>

<template>
  <RadioGroup v-model="model" class="flex flex-wrap items-baseline gap-x-3">
    <RadioGroupLabel as="span" class="text-sm text-pencil">{{ label }}</RadioGroupLabel>
    <RadioGroupOption
      v-for="choice in choices"
      :key="choice.value"
      v-slot="{ checked }"
      :value="choice.value"
      as="template"
    >
      <span
        class="cursor-pointer border-b-2 px-0.5 text-sm leading-6"
        :class="checked ? 'border-silk font-semibold' : 'border-transparent text-sea'"
        >{{ choice.label }}</span
      >
    </RadioGroupOption>
  </RadioGroup>
</template>
