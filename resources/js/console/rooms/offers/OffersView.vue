<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { countedStates } from '../../lib/countedStates'
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import ManyOffersBar from './ManyOffersBar.vue'
import OfferRow from './OfferRow.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { useList } from '../../lib/useList'
import { useManyOffers } from './useManyOffers'
import { useSession } from '../../lib/session'

const session = useSession()
const hasProducts = computed(() => !session.shop?.missing.some(({ key }) => key === 'products'))
const ways = [
  { name: 'examples', label: 'Start from an example' },
  { name: 'looks', label: 'Looks' },
  { name: 'price-tables', label: 'Price tables' },
  { name: 'shelves', label: 'Shelves' },
  { name: 'copies', label: 'Outdated copies' },
  { name: 'open-links', label: 'Write a link yourself' },
]
const counts = ref<Schemas['OfferStateCount'][] | null>(null)
const sorts: { value: Schemas['OfferSort']; label: string }[] = [
  { value: 'changed', label: 'Changed' },
  { value: 'clicks', label: 'Clicks' },
  { value: 'name', label: 'Name' },
]
/** How the list is read is each person's own habit, and kept in their browser. */
const sort = useLocalStorage<Schemas['OfferSort']>('paper-kite-offers-sort', 'changed')
const form = useLocalStorage<'short' | 'sentences'>('paper-kite-offers-form', 'short')
const forms: { value: 'short' | 'sentences'; label: string }[] = [
  { value: 'short', label: 'Lines' },
  { value: 'sentences', label: 'Sentences' },
]
const areSaid = computed(() => form.value === 'sentences')
const stale = ref(0)
const { list, refusal, search, filter, turnTo, load } = useList(async (asked, state) => {
  const path = { shop: session.slug }
  const [listed, counted] = await Promise.all([
    outcome(
      api.GET('/shops/{shop}/offers', {
        params: {
          path,
          query: { ...asked, sort: sort.value, ...(state === '' ? {} : { state: state as Schemas['OfferState'] }) },
        },
      }),
    ),
    outcome(api.GET('/shops/{shop}/offers/states', { params: { path, query: { search: asked.search } } })),
  ])
  counts.value = counted.data?.items ?? counts.value
  stale.value = counted.data?.stale_copies ?? stale.value
  return listed
})
const selected = ref<number[]>([])
const many = useManyOffers(async () => {
  selected.value = []
  await load()
})
watch(sort, () => turnTo(1))
// What is out of sight is not acted on.
watch(list, (now) => (selected.value = selected.value.filter((id) => now?.items.some((offer) => offer.id === id))))
const hasOffers = computed(() => (counts.value ?? []).some(({ count }) => count !== 0))
/** What is archived is out of sight until it is asked for. */
const states = computed(() => countedStates(counts.value ?? [], ({ state }) => state !== 'archived'))
</script>

<template>
  <ListHead
    v-model="search"
    title="Offers"
    help="offers"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by words, page or state"
  >
    <RouterLink :to="{ name: 'new-offer', params: { shop: session.slug } }" class="deed">New offer</RouterLink>
  </ListHead>
  <nav aria-label="Beside the offers" class="-mt-3 mb-2 flex flex-wrap gap-x-6 gap-y-1 text-sm">
    <RouterLink
      v-for="way in ways"
      :key="way.name"
      :to="{ name: way.name, params: { shop: session.slug } }"
      class="follow"
    >
      {{ way.name === 'copies' && stale > 0 ? `${way.label}: ${stale}` : way.label }}
    </RouterLink>
    <span v-if="session.shop?.payee" class="text-pencil sm:ml-auto"
      >Payments go to <span class="font-mono">{{ session.shop.payee }}</span></span
    >
  </nav>
  <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <div v-if="hasOffers || search !== ''" class="flex flex-wrap items-baseline gap-x-8 gap-y-1">
      <SegmentedChoice v-model="filter" label="Show" :choices="states" />
      <SegmentedChoice v-model="sort" label="Sort by" :choices="sorts" />
      <SegmentedChoice v-model="form" label="As" :choices="forms" class="sm:ml-auto" />
    </div>
    <div v-if="!hasOffers && search === ''" class="max-w-2xl py-10">
      <p class="sentence mb-4 text-2xl leading-relaxed">
        When someone clicks <b>a button of yours</b>, they get <b>something you sell</b>. That sentence is an offer.
      </p>
      <template v-if="hasProducts">
        <p class="mb-5 text-pencil">The sentence is there already, and you change its words.</p>
        <RouterLink :to="{ name: 'new-offer', params: { shop: session.slug } }" class="deed"
          >Make your first offer</RouterLink
        >
        <RouterLink :to="{ name: 'examples', params: { shop: session.slug } }" class="follow ml-5"
          >or start from an example</RouterLink
        >
      </template>
      <template v-else>
        <p class="mb-5 text-pencil">It begins with something to sell: a name and a price are enough.</p>
        <RouterLink :to="{ name: 'new-product', params: { shop: session.slug } }" class="deed"
          >Add your first product</RouterLink
        >
      </template>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">
      <template v-if="search"
        >No offer fits “<bdi>{{ search }}</bdi
        >”.</template
      >
      <template v-else>No offer is in this state.</template>
    </p>
    <template v-if="list.items.length > 0">
      <ManyOffersBar v-model="selected" :offers="list.items" :looks="list.looks" :many="many" />
      <ul>
        <OfferRow
          v-for="offer in list.items"
          :key="`${offer.id} ${areSaid}`"
          v-model:selected="selected"
          :offer="offer"
          :looks="list.looks"
          :is-said="areSaid"
        />
      </ul>
    </template>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
