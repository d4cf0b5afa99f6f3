<script setup lang="ts">
import { useClipboard } from '@vueuse/core'

const props = defineProps<{ text: string; label: string; shortcut?: string }>()
const emit = defineEmits<{ copied: [] }>()
const { copy, copied } = useClipboard({ legacy: true, copiedDuring: 2000 })

async function run(): Promise<void> {
  await copy(props.text)
  emit('copied')
}
defineExpose({ run })
</script>

<template>
  <button type="button" class="side-deed" @click="run">
    <span aria-live="polite">{{ copied ? 'Copied' : label }}</span>
    <kbd v-if="shortcut" class="rounded-sm border border-rule px-1 font-mono text-sm" aria-hidden="true">{{
      shortcut
    }}</kbd>
  </button>
</template>
