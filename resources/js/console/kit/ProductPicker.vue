<script setup lang="ts">
import ProductPicture from './ProductPicture.vue'
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../lib/client'
import { useLatest } from '../lib/useLatest'
import { useSession } from '../lib/session'

const props = defineProps<{ except?: number | null | undefined; isQuiet?: boolean }>()
const emit = defineEmits<{ picked: [product: Schemas['Product']] }>()
const session = useSession()
const search = ref('')
const latest = useLatest((typed: string, signal) =>
  outcome(
    api.GET('/shops/{shop}/products', {
      signal,
      params: { path: { shop: session.slug }, query: { search: typed, page: 1 } },
    }),
  ),
)
const found = computed(() => (latest.answer.value?.data?.items ?? []).filter(({ id }) => id !== props.except))

watchDebounced(search, (typed) => latest.run(typed), { debounce: 120 })
onMounted(() => latest.run(''))

function stockWords(product: Schemas['Product']): string {
  if (product.partner) return `${product.sku}, sold by ${product.partner}`
  if (product.is_draft) return `${product.sku}, a draft`
  if (product.is_sold_out) return 'None in stock'
  return product.stock === null ? product.sku : `${product.sku}, ${product.stock} in stock`
}

function pick(product: Schemas['Product'] | null): void {
  if (!product) return
  search.value = ''
  emit('picked', product)
}
</script>

<template>
  <Combobox :model-value="null" nullable @update:model-value="pick">
    <ComboboxInput
      class="entry"
      aria-label="Find a product"
      placeholder="Find by name, SKU or category"
      autocomplete="off"
      @change="search = $event.target.value"
    />
    <!-- A quiet picker lists nothing until something is typed. -->
    <ComboboxOptions
      v-if="!isQuiet || search !== ''"
      static
      class="mt-2 max-h-64 overflow-y-auto"
      aria-label="Products"
    >
      <ComboboxOption v-for="product in found" :key="product.id" v-slot="{ active }" :value="product" as="template">
        <li class="flex cursor-pointer items-center gap-3 px-2 py-1.5" :class="{ 'bg-paper': active }">
          <ProductPicture :path="product.picture_path" :side="36" />
          <span class="min-w-0 flex-1 [overflow-wrap:anywhere]"
            ><bdi>{{ product.name }}</bdi>
            <span
              class="block text-sm"
              :class="product.is_sold_out || product.is_draft ? 'text-amber' : 'text-pencil'"
              >{{ stockWords(product) }}</span
            ></span
          >
          <span class="whitespace-nowrap">{{ product.price_shown }}</span>
        </li>
      </ComboboxOption>
    </ComboboxOptions>
    <p v-if="latest.answer.value && found.length === 0 && (!isQuiet || search !== '')" class="mt-2 text-pencil">
      No {{ except ? 'other product' : 'product' }} is called that.
    </p>
  </Combobox>
</template>
