<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { nextTick } from 'vue'

const props = defineProps<{
  text: string
  label: string
  shortcut?: string | undefined
  /** What has to be done before there is something to copy; false where it came to nothing. */
  before?: (() => Promise<boolean>) | undefined
}>()
const emit = defineEmits<{ copied: [] }>()
const { copy, copied } = useClipboard({ legacy: true, copiedDuring: 2000 })

async function run(): Promise<void> {
  if (props.before && !(await props.before())) return
  await nextTick()
  await copy(props.text)
  emit('copied')
}
defineExpose({ run })
</script>

<template>
  <button type="button" class="side-deed" data-copy @click="run">
    <span aria-live="polite">{{ copied ? 'Copied' : label }}</span>
    <kbd v-if="shortcut" class="rounded-sm border border-rule px-1 font-mono text-sm" aria-hidden="true">{{
      shortcut
    }}</kbd>
  </button>
</template>
