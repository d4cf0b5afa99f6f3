<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Phase } from '../../../../embed/part'
import type { Told } from '../../../../embed/told'
import { api, outcome, type Schemas } from '../../../lib/client'
import { useLatest } from '../../../lib/useLatest'
import { useSession } from '../../../lib/session'
import DrawnWidget from '../../../kit/DrawnWidget.vue'
import PreviewFrame from '../../../kit/PreviewFrame.vue'

/** A widget as it will stand, of what is on the desk, in all its states. */
const props = defineProps<{
  placement: Schemas['Placement']
  entry: Schemas['OfferEntry']
  words: Schemas['Word'][]
}>()
const session = useSession()
const ground = ref<'light' | 'dark' | 'patterned'>('light')
const told = ref<Schemas['WidgetProof'] | null>(null)
const latest = useLatest((entry: Schemas['OfferEntry'], signal) =>
  outcome(
    api.POST('/shops/{shop}/placements/{placement}/widget', {
      signal,
      params: { path: { shop: session.slug, placement: props.placement.id } },
      body: entry,
    }),
  ),
)

async function ask(): Promise<void> {
  const answered = await latest.run(props.entry)
  // What can't be saved yet leaves the last widget that could.
  if (answered?.data) told.value = answered.data
}

watchDebounced(() => [props.entry, props.placement], ask, { debounce: 60, immediate: true, deep: true })

const labels = computed(() => new Map((session.lists?.button_states ?? []).map(({ value, label }) => [value, label])))
const strip = computed(() => {
  const now = told.value
  if (!now) return []
  return props.words.map(({ state, text }) => ({
    state,
    label: labels.value.get(state) ?? state,
    ...as(now, state, text),
  }))
})

/** Its button in another state: what stands around it stays as it is. */
function as(now: Schemas['WidgetProof'], state: Schemas['ButtonState'], text: string): { told: Told; phase: Phase } {
  const isOff = state === 'sold_out' || state === 'not_available'
  const phase = state === 'working' || state === 'added' ? state : 'idle'
  const button = {
    ...now.widget,
    form: 'button' as const,
    goods: null,
    price: null,
    note: '',
    questions: [],
    ask: null,
    story: [],
    pops_up: false,
  }
  const widget =
    state === 'idle'
      ? now.widget
      : isOff
        ? { ...button, state, caption: text, click: 'follow' as const, picture: null }
        : { ...button, click: 'stay' as const }
  return { told: { widget, words: now.words, changesAt: null }, phase }
}
</script>

<template>
  <PreviewFrame v-model:ground="ground" title="The widget in all its states">
    <dl v-if="strip.length > 0" class="grid gap-4" data-widget-strip>
      <div v-for="each in strip" :key="each.state">
        <dt class="mb-1 text-xs">{{ each.label }}</dt>
        <dd><DrawnWidget :told="each.told" :phase="each.phase" lang="en" /></dd>
      </div>
    </dl>
  </PreviewFrame>
</template>
