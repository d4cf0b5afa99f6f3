<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import OfferSentence from './OfferSentence.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import StateMark from '../../kit/StateMark.vue'
import TraceLine from './TraceLine.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'

const session = useSession()
const hasProducts = computed(() => !session.shop?.missing.some(({ key }) => key === 'products'))
const ways = [
  { name: 'examples', label: 'Start from an example' },
  { name: 'looks', label: 'Looks' },
  { name: 'price-tables', label: 'Price tables' },
  { name: 'copies', label: 'Outdated copies' },
  { name: 'open-links', label: 'Write a link yourself' },
]
const counts = ref<Schemas['OfferStateCount'][] | null>(null)
const { list, refusal, search, filter, turnTo } = useList(async (asked, state) => {
  const path = { shop: session.slug }
  const [listed, counted] = await Promise.all([
    outcome(
      api.GET('/shops/{shop}/offers', {
        params: { path, query: { ...asked, ...(state === '' ? {} : { state: state as Schemas['OfferState'] }) } },
      }),
    ),
    outcome(api.GET('/shops/{shop}/offers/states', { params: { path, query: { search: asked.search } } })),
  ])
  counts.value = counted.data?.items ?? counts.value
  return listed
})
const hasOffers = computed(() => (counts.value ?? []).some(({ count }) => count > 0))
/** What is archived is out of sight until it is asked for. */
const states = computed(() => {
  const all = counts.value ?? []
  const shown = all.filter(({ state }) => state !== 'archived').reduce((sum, { count }) => sum + count, 0)
  return [
    { value: '', label: `All ${shown}` },
    ...all.map(({ state, label, count }) => ({ value: state as string, label: `${label} ${count}` })),
  ]
})
</script>

<template>
  <ListHead
    v-model="search"
    title="Offers"
    help="offers"
    :count="list?.at.total ?? null"
    filter-label="Filter by words, page or state"
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
      {{ way.label }}
    </RouterLink>
    <span v-if="session.shop?.payee" class="text-pencil sm:ml-auto"
      >Payments go to <span class="font-mono">{{ session.shop.payee }}</span></span
    >
  </nav>
  <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
  <template v-if="list">
    <SegmentedChoice v-if="hasOffers || search !== ''" v-model="filter" label="Show" :choices="states" />
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
    <ul>
      <li v-for="offer in list.items" :key="offer.id" class="relative border-b border-rule py-3" data-offer>
        <div class="grid gap-x-8 gap-y-2 md:grid-cols-[7rem_minmax(0,1fr)_13rem]">
          <StateMark :state="offer.state" class="self-start pt-1" />
          <div class="min-w-0">
            <RouterLink
              :to="{ name: 'desk', params: { shop: session.slug, id: offer.id } }"
              class="text-lg leading-normal after:absolute after:inset-0 hover:underline"
            >
              <OfferSentence :segments="offer.sentence" />
            </RouterLink>
            <!-- Each placement hangs on its offer by a line. -->
            <div class="mt-1.5 flex flex-wrap gap-x-8 gap-y-1 text-sm text-pencil">
              <ul v-if="offer.places.length" class="flex min-w-0 flex-wrap gap-x-5 gap-y-1" aria-label="Placed on">
                <li v-for="(place, index) in offer.places" :key="index" class="flex min-w-0 items-center gap-1.5">
                  <svg
                    viewBox="0 0 22 16"
                    width="22"
                    height="16"
                    class="flex-none text-sea"
                    aria-hidden="true"
                    fill="none"
                    stroke="currentColor"
                  >
                    <path d="M1 0c0 7 4 9 13 9" />
                    <path d="M18 5l3 4-3 4-3-4z" fill="currentColor" stroke="none" />
                  </svg>
                  <span class="truncate"
                    ><bdi>{{ place.page }}</bdi> · {{ place.medium }}</span
                  >
                  <span v-if="place.is_paused" class="whitespace-nowrap text-amber">paused</span>
                  <span v-if="place.is_stale" class="whitespace-nowrap text-amber">copy again</span>
                </li>
              </ul>
              <p v-else>Not placed anywhere yet.</p>
              <p>{{ offer.way }}</p>
            </div>
          </div>
          <TraceLine :trace="offer.trace" class="self-start md:justify-self-end md:pt-1" />
        </div>
      </li>
    </ul>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
