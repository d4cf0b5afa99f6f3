<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../../lib/client'
import ProductPicker from '../../../kit/ProductPicker.vue'

/** Picks one of an offer's goods, or more of them, or none. */
const props = defineProps<{ at: number }>()
const items = defineModel<Schemas['OfferItemEntry'][]>({ required: true })
defineEmits<{ keep: [] }>()
const isAdding = ref(items.value.length === 0)

function pick(product: Schemas['Product']): void {
  const picked = { product_id: product.id, variant: '', quantity: '1', amount: '' }
  if (isAdding.value) {
    items.value = [...items.value, picked]
    return
  }
  items.value = items.value.map((item, index) => (index === props.at ? { ...picked, quantity: item.quantity } : item))
}

function takeOut(): void {
  items.value = items.value.filter((_item, index) => index !== props.at)
}
</script>

<template>
  <p v-if="isAdding && items.length > 0" class="mb-2 text-sm">What else do they get?</p>
  <ProductPicker
    :except="isAdding ? null : items[at]?.product_id"
    @picked="(product) => (pick(product), $emit('keep'))"
  />
  <div v-if="items.length > 0" class="mt-3 flex flex-wrap gap-2 border-t border-rule pt-3">
    <button v-if="!isAdding" type="button" class="side-deed" @click="isAdding = true">Add another</button>
    <button v-if="items.length > 1" type="button" class="side-deed" @click="(takeOut(), $emit('keep'))">
      Remove this
    </button>
    <button v-else type="button" class="side-deed" @click="((items = []), $emit('keep'))">
      No product: just the cart
    </button>
  </div>
</template>
