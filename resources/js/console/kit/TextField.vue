<script setup lang="ts">
import { onMounted, useId, useTemplateRef } from 'vue'

const props = defineProps<{
  label: string
  error?: string | undefined
  note?: string | undefined
  type?: string
  autocomplete?: string
  isMono?: boolean
  inputmode?: 'text' | 'decimal' | 'numeric' | 'email'
  /** Where a form begins that is blank. */
  isFirst?: boolean
}>()
const model = defineModel<string>({ required: true })
const id = useId()
const input = useTemplateRef<HTMLInputElement>('input')

onMounted(() => props.isFirst && input.value?.focus())
</script>

<template>
  <div>
    <label :for="id" class="mb-1 block font-medium">{{ label }}</label>
    <input
      :id="id"
      ref="input"
      v-model="model"
      class="entry"
      :class="{ 'font-mono': isMono }"
      :type="type ?? 'text'"
      :autocomplete="autocomplete ?? 'off'"
      :inputmode="inputmode ?? 'text'"
      dir="auto"
      :aria-invalid="error ? 'true' : undefined"
      :aria-describedby="error || note ? `${id}-said` : undefined"
    />
    <p v-if="error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    <p v-else-if="note" :id="`${id}-said`" class="mt-1 text-sm text-pencil">{{ note }}</p>
  </div>
</template>
