<script setup lang="ts">
import { useId } from 'vue'

/** Text of several lines. */
defineProps<{ label: string; rows: number; error?: string | undefined; note?: string | undefined }>()
const model = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div>
    <label :for="id" class="mb-1 block font-medium">{{ label }}</label>
    <textarea
      :id="id"
      v-model="model"
      class="entry"
      :rows="rows"
      dir="auto"
      :aria-invalid="error ? 'true' : undefined"
      :aria-describedby="error || note ? `${id}-said` : undefined"
    />
    <p v-if="error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    <p v-else-if="note" :id="`${id}-said`" class="mt-1 text-sm text-pencil">{{ note }}</p>
  </div>
</template>
