<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../shared/client'
import { useSession } from '../stores/session'
import ChoiceList from './ChoiceList.vue'
import ProductPicker from './ProductPicker.vue'
import SlotEditor from './SlotEditor.vue'

defineProps<{
  segments: Schemas['Segment'][]
  findingsAt: (slot: Schemas['Slot'] | null) => Schemas['Finding'][]
}>()
const entry = defineModel<Schemas['OfferEntry']>({ required: true })

const session = useSession()
const before = ref<Schemas['OfferEntry'] | null>(null)
const names: Record<Schemas['Slot'], string> = {
  caption: 'Caption',
  quantity: 'Quantity',
  product: 'Product',
  destination: 'Destination',
  cart_use: 'What is paid',
}

function remember(): void {
  before.value = { ...entry.value }
}

function takeBack(): void {
  if (before.value) entry.value = before.value
}

function change(part: Partial<Schemas['OfferEntry']>): void {
  entry.value = { ...entry.value, ...part }
}

function typed(event: Event): string {
  return event.target instanceof HTMLInputElement ? event.target.value : ''
}
</script>

<template>
  <h1 class="sentence text-[1.55rem] leading-[1.45] sm:text-[1.8rem]">
    <template v-for="(segment, index) in segments" :key="segment.slot ?? index">
      <SlotEditor
        v-if="segment.slot"
        v-slot="{ close }"
        :name="names[segment.slot]"
        :text="segment.text"
        :findings="findingsAt(segment.slot)"
        @open="remember"
        @leave="takeBack"
      >
        <input
          v-if="segment.slot === 'caption'"
          class="entry"
          :value="entry.caption"
          :placeholder="entry.caption === '' ? segment.text : ''"
          aria-label="Words on the button"
          dir="auto"
          autocomplete="off"
          @input="change({ caption: typed($event) })"
          @keydown.enter="close()"
        />
        <p v-if="segment.slot === 'caption'" class="mt-1 text-sm text-pencil">
          Leave it blank for the words that go with the destination.
        </p>
        <input
          v-if="segment.slot === 'quantity'"
          class="entry !w-28"
          :value="entry.quantity"
          aria-label="How many one click adds"
          inputmode="numeric"
          autocomplete="off"
          @input="change({ quantity: typed($event) })"
          @keydown.enter="close()"
        />
        <ProductPicker
          v-if="segment.slot === 'product'"
          @picked="(product) => (change({ product_id: product.id }), close())"
        />
        <ChoiceList
          v-if="segment.slot === 'destination'"
          :model-value="entry.destination"
          label="Where the click leads"
          :choices="session.shop?.destinations ?? []"
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
      </SlotEditor>
      <bdi v-else-if="segment.is_quoted" class="font-semibold">{{ segment.text }}</bdi>
      <template v-else>{{ segment.text }}</template>
    </template>
  </h1>
</template>
