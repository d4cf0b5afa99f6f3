<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import SlotEditor from './SlotEditor.vue'
import { slots, type AtSlot } from './slots'

const props = defineProps<{ proof: Schemas['Proof'] }>()
const entry = defineModel<Schemas['OfferEntry']>({ required: true })

const session = useSession()
const before = ref<Schemas['OfferEntry'] | null>(null)
const landings = { browsing: '', paid: '' }

function findingsAt(segment: Schemas['Segment']): Schemas['Finding'][] {
  return props.proof.findings.filter((finding) => finding.slot === segment.slot && finding.item === segment.item)
}

function takeBack(): void {
  if (before.value) entry.value = before.value
}

function change(part: Partial<Schemas['OfferEntry']>): void {
  entry.value = { ...entry.value, ...part }
}

function at(segment: Schemas['Segment']): AtSlot {
  const item = segment.item ?? 0
  return {
    entry: entry.value,
    proof: props.proof,
    lists: session.lists,
    item,
    landings,
    change,
    changeItem: (part) =>
      change({ items: entry.value.items.map((old, index) => (index === item ? { ...old, ...part } : old)) }),
  }
}
</script>

<template>
  <h1 class="sentence text-[1.45rem] leading-[1.45] sm:text-[1.65rem]">
    <template
      v-for="(segment, index) in proof.sentence"
      :key="segment.slot ? `${segment.slot} ${segment.item}` : index"
    >
      <SlotEditor
        v-if="segment.slot"
        v-slot="{ close }"
        :name="slots[segment.slot].name"
        :text="segment.text"
        :findings="findingsAt(segment)"
        @open="before = entry"
        @leave="takeBack"
      >
        <component :is="slots[segment.slot].editor" v-bind="slots[segment.slot].bind(at(segment))" @keep="close()" />
      </SlotEditor>
      <bdi v-else-if="segment.is_quoted" class="font-semibold">{{ segment.text }}</bdi>
      <template v-else>{{ segment.text }}</template>
    </template>
  </h1>
</template>
