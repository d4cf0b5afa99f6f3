<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import ProductPicker from '../../kit/ProductPicker.vue'

/** Up to three products that the cart offers beside this one. */
defineProps<{ own: number | null }>()
const addOns = defineModel<Schemas['Product'][]>({ required: true })

function add(product: Schemas['Product']): void {
  if (!addOns.value.some(({ id }) => id === product.id)) addOns.value = [...addOns.value, product]
}
</script>

<template>
  <div>
    <ul v-if="addOns.length > 0" class="mb-3">
      <li v-for="product in addOns" :key="product.id" class="flex items-center gap-3 border-b border-rule py-1.5">
        <img :src="product.picture_path" alt="" width="36" height="36" />
        <bdi class="min-w-0 flex-1 [overflow-wrap:anywhere]">{{ product.name }}</bdi>
        <span class="text-pencil">{{ product.price_shown }}</span>
        <button
          type="button"
          class="min-h-7 min-w-7 text-sea"
          :aria-label="`Remove ${product.name}`"
          @click="addOns = addOns.filter(({ id }) => id !== product.id)"
        >
          ×
        </button>
      </li>
    </ul>
    <ProductPicker v-if="addOns.length < 3" :except="own" is-quiet @picked="add" />
  </div>
</template>
