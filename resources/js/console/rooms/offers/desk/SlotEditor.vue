<script setup lang="ts">
import { autoUpdate, flip, offset, shift, useFloating } from '@floating-ui/vue'
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { nextTick, useTemplateRef, type ComponentPublicInstance } from 'vue'
import type { Schemas } from '../../../lib/client'
import FindingLine from '../../../kit/FindingLine.vue'

defineProps<{ name: string; text: string; findings: Schemas['Finding'][] }>()
const emit = defineEmits<{ open: []; leave: [] }>()

const anchor = useTemplateRef<ComponentPublicInstance>('anchor')
const panel = useTemplateRef<ComponentPublicInstance>('panel')
const { floatingStyles } = useFloating(anchor, panel, {
  placement: 'bottom-start',
  whileElementsMounted: autoUpdate,
  middleware: [offset(8), flip(), shift({ padding: 12 })],
})

/** Typing on a slot opens it, and what is typed stands in its first field. */
async function begin(event: KeyboardEvent): Promise<void> {
  const slot = event.currentTarget
  const isText = event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.metaKey && !event.altKey
  if (!(slot instanceof HTMLElement) || slot.getAttribute('aria-expanded') === 'true') return
  // Escape leaves the sentence, so that single keys act again.
  if (event.key === 'Escape') slot.blur()
  if (!isText) return
  event.preventDefault()
  slot.click()
  await nextTick()
  await nextTick()
  const root: unknown = panel.value?.$el
  const field = root instanceof HTMLElement ? root.querySelector<HTMLInputElement>('input:not([type])') : null
  if (!field) return
  field.focus()
  field.value = event.key
  field.dispatchEvent(new Event('input', { bubbles: true }))
}
/** Enter keeps what stands there, from a field or a list; a button does its own act. */
function keepByEnter(event: KeyboardEvent, close: () => void): void {
  const at = event.target
  const isField = at instanceof HTMLInputElement || (at instanceof HTMLElement && at.getAttribute('role') === 'radio')
  if (event.defaultPrevented || event.isComposing || !isField) return
  event.preventDefault()
  close()
}

function cancel(close: () => void): void {
  emit('leave')
  close()
}
</script>

<template>
  <Popover as="span" class="contents">
    <!-- A span, since a button can't break across lines as the words around it do. -->
    <PopoverButton
      ref="anchor"
      as="span"
      role="button"
      tabindex="0"
      class="slot font-semibold"
      :class="{
        'slot-wrong': findings.some((finding) => finding.severity === 'error'),
        'slot-doubtful': findings.some((finding) => finding.severity === 'caution'),
      }"
      :data-slot="name"
      :aria-label="`${name}: ${text}. Change it`"
      @keydown="begin"
      ><bdi>{{ text }}</bdi></PopoverButton
    >
    <PopoverPanel
      ref="panel"
      v-slot="{ close }"
      focus
      :style="floatingStyles"
      class="z-30 max-h-[70vh] w-[min(27rem,calc(100vw-1.5rem))] overflow-y-auto border-t-3 border-sea bg-sheet p-4 text-base leading-normal font-normal shadow-lg"
      :data-editor="name"
      @keydown.esc.capture="emit('leave')"
    >
      <!-- What the panel holds is made each time it opens; the panel itself is not. -->
      <p class="small-title mb-2" @vue:mounted="emit('open')">{{ name }}</p>
      <div @keydown.enter="keepByEnter($event, close)"><slot :close="close" /></div>
      <FindingLine v-for="finding in findings" :key="finding.sentence" :finding="finding" class="mt-2" />
      <div class="mt-3 flex items-center gap-2 border-t border-rule pt-3">
        <button type="button" class="side-deed" @click="close()">Done</button>
        <button type="button" class="side-deed" @click="cancel(close)">Cancel</button>
        <span class="ml-auto text-sm text-pencil max-sm:hidden"
          ><kbd class="font-mono">Enter</kbd> keeps it, <kbd class="font-mono">Esc</kbd> cancels</span
        >
      </div>
    </PopoverPanel>
  </Popover>
</template>
