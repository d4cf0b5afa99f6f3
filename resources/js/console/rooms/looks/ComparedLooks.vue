<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { Schemas } from '../../lib/client'
import { useStickyRoom } from '../../lib/useStickyRoom'
import { useSession } from '../../lib/session'
import PageFrame from '../../kit/PageFrame.vue'
import PickField from '../../kit/PickField.vue'
import SurroundingsChoice from '../../kit/SurroundingsChoice.vue'
import { stripAddress } from '../../kit/stripAddress'
import type { Ground, PageWidth } from '../../kit/surroundings'

/** A look as it is typed, and beside it what it was, or another one: both in the same surroundings. */
const props = defineProps<{
  entry: Schemas['LookEntry']
  /** 0: it is new. */
  lookId: number
  isDirty: boolean
  /** All that it may be held against. */
  others: Schemas['Look'][]
}>()
const session = useSession()
useStickyRoom(useTemplateRef<HTMLElement>('strips'))
const WORDS: Schemas['Word'][] = (
  [
    ['idle', 'Buy now'],
    ['working', 'One moment'],
    ['added', 'It is in your cart'],
    ['sold_out', 'Sold out'],
    ['not_available', 'Not for sale just now'],
  ] as const
).map(([state, text]) => ({ state, text, source: 'built_in', whence: '' }))
const ground = ref<Ground>('light')
const width = ref<PageWidth>('720')
/** `saved`: as it is saved; blank: nothing. */
const chosen = ref<string>('saved')
const choices = computed(() => [
  ...(props.lookId === 0 ? [] : [{ value: 'saved', label: 'as it is saved' }]),
  { value: '', label: 'nothing' },
  ...props.others.map(({ id, name }) => ({ value: String(id), label: name })),
])
const other = computed(() => props.others.find(({ id }) => String(id) === chosen.value))
/** What it is held against; an unchanged look against itself says nothing. */
const beside = computed(() => {
  if (other.value) return { id: other.value.id, name: other.value.name }
  return chosen.value === 'saved' && props.isDirty && props.lookId !== 0
    ? { id: props.lookId, name: 'As it is saved' }
    : null
})
const address = computed(() =>
  stripAddress(session.slug, ground.value, { lookId: props.lookId, words: WORDS, look: props.entry }),
)
const settled = refDebounced(address, 80)
const addressBeside = computed(() =>
  stripAddress(session.slug, ground.value, { lookId: beside.value?.id ?? 0, words: WORDS }),
)
</script>

<template>
  <section ref="strips" aria-label="How it looks">
    <div class="grid gap-x-6 gap-y-3" :class="{ 'sm:grid-cols-2': beside }">
      <div class="min-w-0">
        <h2 class="small-title mb-1">
          <bdi>{{ entry.name || 'A new look' }}</bdi>
        </h2>
        <PageFrame :address="settled" title="The button in all its states" :width="Number(width)" />
      </div>
      <div v-if="beside" class="min-w-0" data-beside>
        <h2 class="small-title mb-1">
          <bdi>{{ beside.name }}</bdi>
        </h2>
        <PageFrame :address="addressBeside" title="What it is compared with" :width="Number(width)" />
      </div>
    </div>
    <div class="mt-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <SurroundingsChoice v-model:width="width" v-model:ground="ground" />
      <PickField v-model="chosen" label="Compare with" :choices="choices" class="w-56" />
    </div>
  </section>
</template>
