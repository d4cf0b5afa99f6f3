<script setup lang="ts">
import { ref, watch } from 'vue'
import TextField from './TextField.vue'

/** Several names without spaces, typed with commas between them. */
defineProps<{ label: string; error?: string | undefined; note?: string; isMono?: boolean }>()
const model = defineModel<string[]>({ required: true })
const typed = ref(model.value.join(', '))
const split = (text: string): string[] => text.split(/[\s,]+/).filter((name) => name !== '')

watch(typed, (text) => {
  if (split(text).join() !== model.value.join()) model.value = split(text)
})
// What comes from elsewhere takes the place of what was typed; one's own commas stay.
watch(model, (names) => {
  if (split(typed.value).join() !== names.join()) typed.value = names.join(', ')
})
</script>

<template>
  <TextField v-model="typed" :label="label" :error="error" :note="note" :is-mono="isMono ?? false" />
</template>
