<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../shared/client'
import { useSession } from '../../stores/session'
import ChoiceList from '../ChoiceList.vue'
import CaptionEditor from './CaptionEditor.vue'
import GoodsEditor from './GoodsEditor.vue'
import LandingEditor from './LandingEditor.vue'
import LookPick from './LookPick.vue'
import QuantityEditor from './QuantityEditor.vue'
import SlotEditor from './SlotEditor.vue'
import VariantPick from './VariantPick.vue'

const props = defineProps<{ proof: Schemas['Proof'] }>()
const entry = defineModel<Schemas['OfferEntry']>({ required: true })

const session = useSession()
const before = ref<Schemas['OfferEntry'] | null>(null)
const names: Record<Schemas['Slot'], string> = {
  caption: 'Caption',
  look: 'Look',
  quantity: 'Quantity',
  product: 'Product',
  variant: 'Variant',
  destination: 'Destination',
  cart_use: 'What is paid',
  opening: 'How it opens',
  landing: 'Where they land',
}
// A slot lists only what works now.
const destinations = computed(
  () =>
    session.shop?.destinations.filter((choice) => entry.value.items.length > 0 || choice.is_possible_without_goods) ??
    [],
)

function findingsAt(segment: Schemas['Segment']): Schemas['Finding'][] {
  return props.proof.findings.filter((finding) => finding.slot === segment.slot && finding.item === segment.item)
}

function takeBack(): void {
  if (before.value) entry.value = before.value
}

function change(part: Partial<Schemas['OfferEntry']>): void {
  entry.value = { ...entry.value, ...part }
}

function changeItem(at: number, part: Partial<Schemas['OfferItemEntry']>): void {
  change({ items: entry.value.items.map((item, index) => (index === at ? { ...item, ...part } : item)) })
}

/** Without goods a click leads to the cart or to paying; whatever else stood there gives way. */
function changeItems(items: Schemas['OfferItemEntry'][]): void {
  const isPossible = session.shop?.destinations.find(
    ({ value }) => value === entry.value.destination,
  )?.is_possible_without_goods
  change({ items, ...(items.length === 0 && !isPossible ? { destination: 'cart' } : {}) })
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
        :name="names[segment.slot]"
        :text="segment.text"
        :findings="findingsAt(segment)"
        @open="before = entry"
        @leave="takeBack"
      >
        <CaptionEditor
          v-if="segment.slot === 'caption'"
          :model-value="entry.words"
          :proof="proof"
          @update:model-value="(words) => change({ words })"
          @keep="close()"
        />
        <LookPick
          v-if="segment.slot === 'look'"
          :model-value="entry.look_id"
          :used="proof.look_id"
          @update:model-value="(look_id) => change({ look_id })"
          @keep="close()"
        />
        <QuantityEditor
          v-if="segment.slot === 'quantity'"
          :quantity="entry.items[segment.item ?? 0]?.quantity ?? ''"
          :ask="entry.ask"
          :can-ask="entry.items.length === 1"
          @update:quantity="(quantity) => changeItem(segment.item ?? 0, { quantity })"
          @update:ask="(ask) => change({ ask })"
          @keep="close()"
        />
        <GoodsEditor
          v-if="segment.slot === 'product'"
          :model-value="entry.items"
          :at="segment.item ?? 0"
          @update:model-value="changeItems"
          @keep="close()"
        />
        <VariantPick
          v-if="segment.slot === 'variant'"
          :model-value="entry.items[segment.item ?? 0]?.variant ?? ''"
          :variants="proof.variants[segment.item ?? 0] ?? []"
          @update:model-value="(variant) => changeItem(segment.item ?? 0, { variant })"
          @keydown.enter.prevent="close()"
        />
        <ChoiceList
          v-if="segment.slot === 'destination'"
          :model-value="entry.destination"
          label="Where the click leads"
          :choices="destinations"
          @update:model-value="(destination) => change({ destination })"
          @keydown.enter.prevent="close()"
        />
        <ChoiceList
          v-if="segment.slot === 'cart_use'"
          :model-value="entry.cart_use"
          label="What is paid"
          :choices="session.shop?.cart_uses ?? []"
          @update:model-value="(cart_use) => change({ cart_use })"
          @keydown.enter.prevent="close()"
        />
        <ChoiceList
          v-if="segment.slot === 'opening'"
          :model-value="entry.opening"
          label="How it opens"
          :choices="session.shop?.openings ?? []"
          @update:model-value="(opening) => change({ opening })"
          @keydown.enter.prevent="close()"
        />
        <LandingEditor
          v-if="segment.slot === 'landing'"
          :model-value="entry.landing"
          @update:model-value="(landing) => change({ landing })"
          @keep="close()"
        />
      </SlotEditor>
      <bdi v-else-if="segment.is_quoted" class="font-semibold">{{ segment.text }}</bdi>
      <template v-else>{{ segment.text }}</template>
    </template>
  </h1>
</template>
