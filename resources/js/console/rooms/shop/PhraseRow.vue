<script setup lang="ts">
import { useId } from 'vue'
import type { Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'

defineProps<{ phrase: Schemas['Phrase']; error?: string | undefined }>()
const emit = defineEmits<{ say: [text: string] }>()
const id = useId()

function lines(event: Event): void {
  if (event.target instanceof HTMLTextAreaElement) emit('say', event.target.value)
}
</script>

<template>
  <div class="grid gap-x-6 gap-y-1 py-1.5 md:grid-cols-2 md:items-center" data-phrase>
    <label :for="id" class="[overflow-wrap:anywhere]" dir="auto">{{ phrase.standard }}</label>
    <div>
      <textarea
        v-if="phrase.has_lines"
        :id="id"
        class="entry"
        rows="2"
        dir="auto"
        placeholder="As it stands"
        :value="phrase.own"
        :aria-invalid="error ? 'true' : undefined"
        :aria-describedby="error ? `${id}-said` : undefined"
        @input="lines"
      />
      <input
        v-else
        :id="id"
        class="entry"
        dir="auto"
        autocomplete="off"
        placeholder="As it stands"
        :value="phrase.own"
        :aria-invalid="error ? 'true' : undefined"
        :aria-describedby="error ? `${id}-said` : undefined"
        @input="$emit('say', typed($event))"
      />
      <p v-if="error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    </div>
  </div>
</template>
