<script setup lang="ts">
import { onMounted, useTemplateRef, watch } from 'vue'
import { draw } from '../../embed/draw'
import type { Phase } from '../../embed/part'
import type { Shown } from '../../embed/told'
import { here } from '../lib/here'

/** A widget as its pages draw it, by the script that they use; here a click does nothing. */
const props = defineProps<{ told: Shown; phase: Phase; lang: string }>()
const host = useTemplateRef<HTMLElement>('host')

function show(): void {
  const element = host.value
  if (!element) return
  const drawn = draw(here(props.told), props.lang, (event) => event.preventDefault())
  for (const part of drawn.parts) part.show(props.phase)
  const root = element.shadowRoot ?? element.attachShadow({ mode: 'open' })
  root.adoptedStyleSheets = drawn.sheets
  root.replaceChildren(drawn.box)
}

onMounted(show)
watch(() => [props.told, props.phase, props.lang], show, { flush: 'post' })
</script>

<template>
  <div ref="host" @click.capture.prevent />
</template>
