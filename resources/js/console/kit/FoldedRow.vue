<script setup lang="ts">
import { nextTick, ref, useTemplateRef, watch } from 'vue'
import type { HelpKey } from './help'
import LedgerRow from './LedgerRow.vue'

/**
 * A line of the ledger that most don't need: shut, it says in a line what is set there.
 *
 * @prop said What is set there.
 * @prop opens Opens it: something in it is to be put right, or somebody was led here.
 */
const props = defineProps<{ title: string; said: string; opens?: boolean | undefined; help?: HelpKey | undefined }>()
const isOpen = ref(props.opens === true)
const body = useTemplateRef<HTMLElement>('body')

watch(
  () => props.opens,
  (opens) => opens && (isOpen.value = true),
)

async function open(): Promise<void> {
  isOpen.value = true
  await nextTick()
  body.value?.querySelector<HTMLElement>('input, button, [role="textbox"]')?.focus({ preventScroll: true })
}
</script>

<template>
  <LedgerRow :title="title" :help="help">
    <p v-if="!isOpen" class="flex flex-wrap items-baseline gap-x-4">
      <span class="text-pencil">{{ said }}</span>
      <button type="button" class="follow min-h-8" :aria-label="`Change: ${title}`" :data-fold="title" @click="open">
        Change
      </button>
    </p>
    <!-- What is shut is there still: it is loaded, and nothing typed into it is lost. -->
    <div v-show="isOpen" ref="body"><slot /></div>
  </LedgerRow>
</template>
