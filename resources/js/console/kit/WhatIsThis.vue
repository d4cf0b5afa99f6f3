<script setup lang="ts">
import { autoUpdate, flip, offset, shift, useFloating } from '@floating-ui/vue'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { computed, useTemplateRef, type ComponentPublicInstance } from 'vue'
import { help, type Help, type HelpKey } from './help'

/** Beside a heading: what it is, in two sentences and an example. */
const props = defineProps<{ of: HelpKey; heading: string }>()
const found = computed<Help>(() => help[props.of])
const anchor = useTemplateRef<ComponentPublicInstance>('anchor')
const panel = useTemplateRef<ComponentPublicInstance>('panel')
const { floatingStyles } = useFloating(anchor, panel, {
  placement: 'bottom-start',
  whileElementsMounted: autoUpdate,
  middleware: [offset(6), flip(), shift({ padding: 12 })],
})
</script>

<template>
  <Popover as="span" class="font-normal">
    <PopoverButton
      ref="anchor"
      class="ml-1.5 inline-grid size-6 place-items-center rounded-full align-middle text-sea hover:bg-sheet"
      :aria-label="`What is this? ${heading}`"
    >
      <svg viewBox="0 0 20 20" width="16" height="16" fill="none" stroke="currentColor" aria-hidden="true">
        <path d="M10 1l6.5 8-6.5 10-6.5-10z" />
        <path d="M8 8.2a2 2 0 1 1 2.7 1.9c-.5.2-.7.5-.7 1.1M10 13.3v.6" />
      </svg>
    </PopoverButton>
    <PopoverPanel
      ref="panel"
      :style="floatingStyles"
      class="z-30 w-[min(22rem,calc(100vw-1.5rem))] border-t-3 border-sea bg-sheet p-4 text-base leading-normal font-normal shadow-lg"
      data-help
    >
      <p class="mb-2">{{ found.about[0] }} {{ found.about[1] }}</p>
      <p class="text-pencil">For example: {{ found.example }}</p>
    </PopoverPanel>
  </Popover>
</template>
