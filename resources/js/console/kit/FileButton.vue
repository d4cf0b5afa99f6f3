<script setup lang="ts">
import { useTemplateRef } from 'vue'

/** A button that asks for files of this machine. */
defineProps<{ label: string; accept?: string; isMultiple?: boolean; isBusy?: boolean }>()
const emit = defineEmits<{ chosen: [files: File[]] }>()
const input = useTemplateRef<HTMLInputElement>('input')

function take(): void {
  const files = [...(input.value?.files ?? [])]
  if (input.value) input.value.value = ''
  if (files.length > 0) emit('chosen', files)
}
</script>

<template>
  <span>
    <input
      ref="input"
      type="file"
      class="sr-only"
      tabindex="-1"
      :accept="accept"
      :multiple="isMultiple"
      :aria-label="label"
      @change="take"
    />
    <button type="button" class="side-deed" :disabled="isBusy" @click="input?.click()">{{ label }}</button>
  </span>
</template>
