<script setup lang="ts">
import { useId } from 'vue'

/** One thing of which some, or all, can be given back. */
defineProps<{
  name: string
  choices: string
  /** What can still be given back, in words. */
  left: string
  /** What is typed: pieces, or an amount; blank where nothing can be. */
  unit: string
  error?: string | undefined
}>()
const model = defineModel<string>({ required: true })
const id = useId()
</script>

<template>
  <div class="border-b border-rule py-2">
    <div class="flex items-center justify-between gap-4">
      <span :id="`${id}-name`" class="min-w-0 [overflow-wrap:anywhere]"
        ><bdi>{{ name }}</bdi
        ><span v-if="choices" class="block text-sm" dir="auto">{{ choices }}</span
        ><span class="block text-sm text-pencil">{{ left }}</span></span
      >
      <span v-if="unit" class="flex flex-none items-center gap-2">
        <label :id="`${id}-unit`" :for="id" class="text-sm text-pencil">{{ unit }}</label>
        <input
          :id="id"
          v-model="model"
          class="entry !w-20"
          :inputmode="unit === 'Pieces' ? 'numeric' : 'decimal'"
          autocomplete="off"
          :aria-labelledby="`${id}-unit ${id}-name`"
          :aria-invalid="error ? 'true' : undefined"
          :aria-describedby="error ? `${id}-said` : undefined"
        />
      </span>
    </div>
    <p v-if="error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
  </div>
</template>
