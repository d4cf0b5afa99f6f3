<script setup lang="ts">
import WhatIsThis from '../../../kit/WhatIsThis.vue'
import { useClipboard } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import type { Refusal, Schemas } from '../../../lib/client'
import PlacementCard from './PlacementCard.vue'
import PlacementForm from './PlacementForm.vue'
import PlacementPick from './PlacementPick.vue'

const props = defineProps<{
  placements: Schemas['Placement'][]
  way: string
  /** What the first place is likely to be. */
  first: { page: string; medium: Schemas['MediumKey'] }
  place: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  change: (placement: number, as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  isStale: boolean
  isDraft: boolean
  publish?: (() => Promise<boolean>) | undefined
}>()
const emit = defineEmits<{ copied: [placement: number, digest: string] }>()

const chosenId = defineModel<number | null>('chosen', { required: true })
const isPlacing = ref(false)
const section = useTemplateRef<HTMLElement>('section')
const { copy, copied } = useClipboard({ legacy: true, copiedDuring: 4000 })
const chosen = computed(
  () => props.placements.find((placement) => placement.id === chosenId.value) ?? props.placements[0],
)

async function add(as: Schemas['PlacementEntry']): Promise<Refusal | null> {
  // The first place is shown as soon as it is there; the form for the next may be open by the time all is answered.
  const isFirst = chosen.value === undefined
  const refusal = await props.place(as)
  if (!refusal && !isFirst) {
    chosenId.value = props.placements.at(-1)?.id ?? null
    isPlacing.value = false
  }
  if (!refusal) await goOnAt('[data-copy]')
  return refusal
}
/** The form is gone with its button; what was made of it stands there. */
async function goOnAt(next: '[data-copy]' | '[data-where] button'): Promise<void> {
  await nextTick()
  section.value?.querySelector<HTMLElement>(next)?.focus()
}

/** The whole way of a place in one act, from the first button on. */
async function addAndCopy(as: Schemas['PlacementEntry']): Promise<Refusal | null> {
  const refusal = await add(as)
  if (refusal || !(await props.publish?.())) return refusal
  const made = props.placements.at(-1)
  if (!made) return null
  const isAddress = ['link', 'qr'].includes(made.medium.key)
  await copy(isAddress ? made.url : made.snippet)
  if (!isAddress) emit('copied', made.id, made.digest)
  await goOnAt('[data-where] button')
  return null
}
</script>

<template>
  <section ref="section" aria-labelledby="proof-link">
    <div class="mb-1">
      <h2 id="proof-link" class="sentence inline text-lg font-semibold">In the link</h2>
      <WhatIsThis of="link" heading="In the link" />
    </div>
    <p class="mb-3 text-sm text-pencil">{{ way }}</p>
    <p v-if="copied" class="mb-2 text-good" role="status">Published and copied: paste it into your page.</p>
    <template v-if="chosen">
      <div class="mb-2 flex gap-2">
        <PlacementPick
          :placements="placements"
          :chosen="chosen"
          class="min-w-0 flex-1"
          @pick="(id) => ((chosenId = id), (isPlacing = false))"
        />
        <button type="button" class="side-deed !min-h-10 flex-none" @click="isPlacing = !isPlacing">
          {{ isPlacing ? 'Not now' : 'Another place' }}
        </button>
      </div>
      <PlacementCard
        v-if="!isPlacing"
        :key="chosen.id"
        :is-draft="isDraft"
        :publish="publish"
        :placement="chosen"
        :is-unsaved="isStale"
        :change="(as) => change(chosen?.id ?? 0, as)"
        @copied="(digest) => emit('copied', chosen?.id ?? 0, digest)"
      />
    </template>
    <p v-else class="mb-3 text-pencil">Name a place, and its link and its button appear here.</p>
    <PlacementForm
      v-if="isPlacing || !chosen"
      :place="add"
      :publish="publish ? addAndCopy : undefined"
      :begins="chosen ? undefined : first"
    />
  </section>
</template>
