<script setup lang="ts">
import ProductPicture from '../../kit/ProductPicture.vue'
import { useLocalStorage } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch, type ComponentPublicInstance } from 'vue'
import { countedStates } from '../../lib/countedStates'
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import StateMark from '../../kit/StateMark.vue'
import { useDeleting } from '../../lib/deleting'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import { shownDay } from '../../lib/shownDay'

const session = useSession()
const sort = useLocalStorage<Schemas['ProductSort']>('paper-kite-products-sort', 'name')
const sorts: { value: Schemas['ProductSort']; label: string }[] = [
  { value: 'name', label: 'Name' },
  { value: 'changed', label: 'Changed' },
]
const counts = ref<Schemas['ProductStateCount'][]>([])
const { list, refusal, search, filter, turnTo, load } = useList(async (asked, state) => {
  const path = { shop: session.slug }
  const [listed, counted] = await Promise.all([
    outcome(
      api.GET('/shops/{shop}/products', {
        params: {
          path,
          query: { ...asked, sort: sort.value, ...(state === '' ? {} : { state: state as Schemas['ProductState'] }) },
        },
      }),
    ),
    outcome(api.GET('/shops/{shop}/products/states', { params: { path, query: { search: asked.search } } })),
  ])
  counts.value = counted.data?.items ?? counts.value
  return listed
})
watch(sort, () => turnTo(1))
watch(useDeleting().changes, load)
const states = computed(() => countedStates(counts.value, ({ state }) => state !== 'text_due'))

/** What was just put in: the next thing to do with it is here. */
const made = computed(() => {
  const state: { made?: { id: number; name: string } } = window.history.state ?? {}
  return state.made ?? null
})

const next = useTemplateRef<ComponentPublicInstance>('next')
onMounted(() => {
  const link: unknown = next.value?.$el
  if (link instanceof HTMLElement) link.focus()
})

function stockOf(product: Schemas['Product']): string {
  if (product.partner) return `sold by ${product.partner}`
  const variants = product.variant_count > 0 ? `${product.variant_count} variants, ` : ''
  if (product.is_sold_out) return `${variants}sold out`
  if (product.stock === null) return `${variants}not counted`
  return `${variants}${product.is_low ? 'only ' : ''}${product.stock} in stock`
}
</script>

<template>
  <ListHead
    v-model="search"
    title="Products"
    help="products"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by name, SKU or category"
  >
    <RouterLink :to="{ name: 'new-product', params: { shop: session.slug } }" class="deed">New product</RouterLink>
  </ListHead>
  <div
    v-if="made"
    class="mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-t-3 border-good bg-sheet px-4 py-3"
    role="status"
  >
    <p>
      <bdi class="font-semibold">{{ made.name }}</bdi> is saved.
    </p>
    <RouterLink
      ref="next"
      :to="{ name: 'new-offer', params: { shop: session.slug }, query: { product: made.id } }"
      class="deed"
      >Make a button for it</RouterLink
    >
  </div>
  <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <div class="mb-1 flex flex-wrap items-baseline gap-x-8 gap-y-1">
      <SegmentedChoice v-model="filter" label="Show" :choices="states" />
      <SegmentedChoice v-model="sort" label="Sort by" :choices="sorts" />
    </div>
    <div v-if="list.items.length === 0 && search === '' && filter === ''" class="max-w-xl py-10">
      <p class="sentence mb-4 text-2xl">There is no product yet. One is enough to make an offer.</p>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">
      <template v-if="search"
        >No product fits “<bdi>{{ search }}</bdi
        >”.</template
      >
      <template v-else>No product is in this state.</template>
    </p>
    <ul>
      <li
        v-for="product in list.items"
        :key="product.id"
        class="relative flex min-h-[46px] items-center gap-4 border-b border-rule py-1"
      >
        <ProductPicture :path="product.picture_path" :side="36" />
        <span class="min-w-0 flex-1">
          <RouterLink
            :to="{ name: 'product', params: { shop: session.slug, id: product.id } }"
            class="block leading-snug font-medium [overflow-wrap:anywhere] after:absolute after:inset-0 hover:underline"
            dir="auto"
            >{{ product.name }}</RouterLink
          >
          <span class="flex flex-wrap items-center gap-x-3">
            <span class="font-mono text-sm [overflow-wrap:anywhere] text-pencil">{{ product.sku }}</span>
            <StateMark v-if="product.is_draft" state="draft" />
            <span v-if="filter === 'text_due'" class="text-sm text-amber">{{
              product.text_by === '' ? 'no day set' : `needed by ${shownDay(product.text_by)}`
            }}</span>
          </span>
        </span>
        <span class="grid justify-items-end text-right sm:flex sm:items-baseline">
          <span class="tabular-nums sm:order-last sm:w-28">{{ product.price_shown }}</span>
          <span
            class="text-sm"
            :class="product.is_sold_out || product.is_low ? 'font-semibold text-amber' : 'text-pencil'"
            >{{ stockOf(product) }}</span
          >
        </span>
      </li>
    </ul>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
