<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { oneAtATime } from '../../lib/oneAtATime'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import PartnersNav from './PartnersNav.vue'
import PricesTable from './PricesTable.vue'

const session = useSession()
const path = { shop: session.slug }
const selected = ref<number[]>([])
const failed = ref<Refusal | null>(null)
const isLooking = ref(false)
const { list, refusal, search, filter, turnTo, load } = useList((asked, state) =>
  outcome(
    api.GET('/shops/{shop}/prices', {
      params: { path, query: { ...asked, ...(state === '' ? {} : { state: state as Schemas['PriceState'] }) } },
    }),
  ),
)
const states = computed(() => [
  { value: '', label: 'All' },
  ...(list.value?.states ?? []).map(({ state, label, count }) => ({
    value: state as string,
    label: `${label} ${count}`,
  })),
])

// What is out of sight is not acted on.
watch(list, () => (selected.value = []))

const run = oneAtATime(async (act: string): Promise<void> => {
  const { refusal: refused } = await outcome(
    api.POST('/shops/{shop}/prices/acts', {
      params: { path },
      body: { act: act as Schemas['PriceAct'], prices: selected.value },
    }),
  )
  failed.value = refused ?? null
  if (refused) return
  isLooking.value = act === 'look_again'
  selected.value = []
  await load()
})
</script>

<template>
  <ListHead
    v-model="search"
    title="Prices"
    help="prices"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by product or SKU"
  />
  <PartnersNav />
  <p v-if="refusal ?? failed" class="mb-3 text-wrong" role="alert">{{ (refusal ?? failed)?.message }}</p>
  <p v-if="isLooking" class="mb-3" role="status">
    The pages are looked at within a minute.
    <button type="button" class="follow" @click="load">Show what was found</button>
  </p>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <p v-if="list.unwatched.length > 0" class="mb-4 max-w-3xl border-l-4 border-amber py-1 pl-4">
      Pages of {{ list.unwatched.join(', ') }} are not looked at. Whoever runs this server can allow it.
    </p>
    <div class="mb-2 flex flex-wrap items-baseline justify-between gap-x-8 gap-y-1">
      <SegmentedChoice v-model="filter" label="Show" :choices="states" />
      <p v-if="list.items.length > 0 && selected.length === 0" class="text-sm text-pencil">
        Select prices to show the new one, to show none, or to look again.
      </p>
    </div>
    <div v-if="list.items.length === 0 && search === '' && filter === ''" class="max-w-xl py-10">
      <p class="sentence mb-3 text-2xl">No partner’s goods yet.</p>
      <p class="text-pencil">
        Put a product in, choose that a partner sells it, and paste the address of its page; from then on the page is
        looked at once a day.
      </p>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">
      {{ search === '' ? 'No price is in this state.' : 'No product fits' }}
      <template v-if="search !== ''"
        >“<bdi>{{ search }}</bdi
        >”.</template
      >
    </p>
    <template v-else>
      <div v-if="selected.length" class="mb-3 flex flex-wrap items-center gap-x-5 gap-y-2" data-selected>
        <span class="font-semibold">{{ selected.length }} selected</span>
        <button v-for="act in list.acts" :key="act.value" type="button" class="follow" @click="run(act.value)">
          {{ act.label }}
        </button>
        <button type="button" class="follow" @click="selected = []">Clear</button>
      </div>
      <PricesTable v-model:selected="selected" :prices="list.items" />
    </template>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
