<script setup lang="ts">
import { useId } from 'vue'

/** A colour, typed or chosen; where it is hard to see, the nearest one that isn't is proposed. */
defineProps<{ label: string; error?: string | undefined; proposal?: string | null | undefined }>()
const model = defineModel<string>({ required: true })
const id = useId()

function pick(event: Event): void {
  if (event.target instanceof HTMLInputElement) model.value = event.target.value
}
</script>

<template>
  <div>
    <label :for="id" class="mb-1 block font-medium">{{ label }}</label>
    <div class="flex gap-2">
      <input
        type="color"
        class="h-10 w-11 flex-none cursor-pointer border border-pencil bg-sheet p-0.5"
        :value="/^#[0-9a-f]{6}$/i.test(model) ? model : '#000000'"
        :aria-label="`${label}, chosen from all colours`"
        @input="pick"
      />
      <input
        :id="id"
        v-model="model"
        class="entry font-mono"
        autocomplete="off"
        spellcheck="false"
        :aria-invalid="error ? 'true' : undefined"
      />
    </div>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    <button v-else-if="proposal" type="button" class="follow mt-1 text-sm" @click="model = proposal">
      Take <span class="font-mono">{{ proposal }}</span>
    </button>
  </div>
</template>
