<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'
import OfferInShort from './OfferInShort.vue'
import StateMark from '../../kit/StateMark.vue'

/** The offers of a price table, in order; one of them may be stressed. */
const MOST = 4
const columns = defineModel<Schemas['TableColumn'][]>({ required: true })
const session = useSession()
const search = ref('')
// Once it has columns, more are found by typing, so that saving it stays in sight.
const isListed = computed(() => columns.value.length === 0 || search.value !== '')
const latest = useLatest((typed: string) =>
  outcome(
    api.GET('/shops/{shop}/offers', { params: { path: { shop: session.slug }, query: { search: typed, page: 1 } } }),
  ),
)
const found = computed(() =>
  (latest.answer.value?.data?.items ?? []).filter(({ id }) => columns.value.every(({ offer_id }) => offer_id !== id)),
)

watchDebounced(search, (typed) => latest.run(typed), { debounce: 120 })
onMounted(() => latest.run(''))

function add(offer: Schemas['OfferRow'] | null): void {
  if (!offer) return
  columns.value = [...columns.value, { offer_id: offer.id, short: offer.short, state: offer.state, is_stressed: false }]
  search.value = ''
}

function move(from: number, by: number): void {
  const moved = [...columns.value]
  const [column] = moved.splice(from, 1)
  if (column) moved.splice(from + by, 0, column)
  columns.value = moved
}

function stress(at: number): void {
  columns.value = columns.value.map((column, index) => ({
    ...column,
    is_stressed: index === at && !column.is_stressed,
  }))
}
</script>

<template>
  <ol class="mb-3">
    <li v-for="(column, index) in columns" :key="column.offer_id" class="border-b border-rule py-2" data-column>
      <OfferInShort :short="column.short" />
      <p class="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <StateMark :state="column.state" />
        <button
          type="button"
          class="min-h-7 font-medium"
          :class="column.is_stressed ? 'text-silk' : 'text-sea'"
          :aria-pressed="column.is_stressed"
          @click="stress(index)"
        >
          {{ column.is_stressed ? 'Highlighted' : 'Highlight this column' }}
        </button>
        <button v-if="index > 0" type="button" class="follow min-h-7" @click="move(index, -1)">
          Earlier<span class="sr-only">: column {{ index + 1 }}</span>
        </button>
        <button v-if="index < columns.length - 1" type="button" class="follow min-h-7" @click="move(index, 1)">
          Later<span class="sr-only">: column {{ index + 1 }}</span>
        </button>
        <button
          type="button"
          class="follow min-h-7"
          @click="columns = columns.filter((_column, other) => other !== index)"
        >
          Remove<span class="sr-only">: column {{ index + 1 }}</span>
        </button>
      </p>
    </li>
  </ol>
  <Combobox v-if="columns.length < MOST" :model-value="null" nullable @update:model-value="add">
    <ComboboxInput
      class="entry"
      aria-label="Find an offer"
      placeholder="Find an offer by words, place or product"
      autocomplete="off"
      @change="search = $event.target.value"
    />
    <ComboboxOptions v-if="isListed" static class="mt-2 max-h-72 overflow-y-auto" aria-label="Offers">
      <ComboboxOption v-for="offer in found" :key="offer.id" v-slot="{ active }" :value="offer" as="template">
        <li class="cursor-pointer border-b border-rule px-2 py-2" :class="{ 'bg-sheet': active }">
          <OfferInShort :short="offer.short" />
        </li>
      </ComboboxOption>
    </ComboboxOptions>
    <p v-if="isListed && latest.answer.value && found.length === 0" class="mt-2 text-pencil">No other offer fits.</p>
  </Combobox>
</template>
