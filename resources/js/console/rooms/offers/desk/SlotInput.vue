<script setup lang="ts">
/** A field of a slot's editor. */
defineProps<{
  label: string
  placeholder?: string
  inputmode?: 'text' | 'numeric' | 'decimal' | 'url'
  isShort?: boolean
}>()
const model = defineModel<string>({ required: true })
</script>

<template>
  <input
    v-model="model"
    class="entry"
    :class="{ '!w-28': isShort }"
    :placeholder="placeholder ?? ''"
    :aria-label="label"
    :inputmode="inputmode ?? 'text'"
    dir="auto"
    autocomplete="off"
  />
</template>
