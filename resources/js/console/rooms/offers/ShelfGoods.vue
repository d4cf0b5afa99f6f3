<script setup lang="ts">
import ProductPicker from '../../kit/ProductPicker.vue'
import type { Schemas } from '../../lib/client'

/** What was picked for a shelf, in the order in which it stands there. */
const products = defineModel<Schemas['Product'][]>({ required: true })

function add(product: Schemas['Product']): void {
  if (!products.value.some(({ id }) => id === product.id)) products.value = [...products.value, product]
}

function move(from: number, by: number): void {
  const moved = [...products.value]
  const [product] = moved.splice(from, 1)
  if (product) moved.splice(from + by, 0, product)
  products.value = moved
}
</script>

<template>
  <div>
    <ol v-if="products.length > 0" class="mb-3 max-h-96 overflow-y-auto">
      <li
        v-for="(product, index) in products"
        :key="product.id"
        class="relative flex flex-wrap items-center gap-x-3 border-b border-rule py-1.5"
        data-on-shelf
      >
        <img v-if="product.picture_path" :src="product.picture_path" alt="" width="32" height="32" />
        <bdi class="min-w-32 flex-1 [overflow-wrap:anywhere]">{{ product.name }}</bdi>
        <span v-if="product.is_draft" class="text-sm text-amber">draft: not shown</span>
        <span v-else-if="product.is_sold_out" class="text-sm text-amber">sold out</span>
        <span class="text-sm text-pencil">{{ product.price_shown || product.partner }}</span>
        <span class="flex gap-3 text-sm">
          <button v-if="index > 0" type="button" class="follow min-h-7" @click="move(index, -1)">
            Earlier<span class="sr-only">: {{ product.name }}</span>
          </button>
          <button v-if="index < products.length - 1" type="button" class="follow min-h-7" @click="move(index, 1)">
            Later<span class="sr-only">: {{ product.name }}</span>
          </button>
          <button
            type="button"
            class="follow min-h-7"
            @click="products = products.filter(({ id }) => id !== product.id)"
          >
            Remove<span class="sr-only"> {{ product.name }}</span>
          </button>
        </span>
      </li>
    </ol>
    <ProductPicker is-quiet @picked="add" />
  </div>
</template>
