<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import type { TypedColumn, TypedTable } from './usePriceTable'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'
import OfferInShort from './OfferInShort.vue'
import StateMark from '../../kit/StateMark.vue'
import TextArea from '../../kit/TextArea.vue'
import TextField from '../../kit/TextField.vue'

/** The columns of a price table, in order: their offers, what is said of them, and which of them is highlighted. */
const MOST = 4
defineProps<{
  /** Why a button sells nothing, by the offer's number. */
  cautions: Record<string, string>
  errorAt: (path: string) => string | undefined
}>()
const table = defineModel<TypedTable>({ required: true })
const columns = computed({
  get: () => table.value.columns,
  set: (now) => {
    const isThere = now.some(({ offer_id }) => offer_id === table.value.stressed)
    table.value = { ...table.value, columns: now, stressed: isThere ? table.value.stressed : null }
  },
})
const session = useSession()
const search = ref('')
// Once it has columns, more are found by typing, so that saving it stays in sight.
const isListed = computed(() => columns.value.length === 0 || search.value !== '')
const latest = useLatest((typed: string, signal) =>
  outcome(
    api.GET('/shops/{shop}/offers', {
      signal,
      params: { path: { shop: session.slug }, query: { search: typed, page: 1 } },
    }),
  ),
)
const found = computed(() =>
  (latest.answer.value?.data?.items ?? []).filter(({ id }) => columns.value.every(({ offer_id }) => offer_id !== id)),
)

watchDebounced(search, (typed) => latest.run(typed), { debounce: 120 })
onMounted(() => latest.run(''))

function add(offer: Schemas['OfferRow'] | null): void {
  if (!offer) return
  const { id, short, state } = offer
  columns.value = [...columns.value, { offer_id: id, short, state, name: '', text: '' }]
  search.value = ''
}

function move(from: number, by: number): void {
  const moved = [...columns.value]
  const [column] = moved.splice(from, 1)
  if (column) moved.splice(from + by, 0, column)
  columns.value = moved
}

function change(at: number, part: Partial<TypedColumn>): void {
  columns.value = columns.value.map((column, index) => (index === at ? { ...column, ...part } : column))
}

function stress({ offer_id }: TypedColumn): void {
  table.value = { ...table.value, stressed: table.value.stressed === offer_id ? null : offer_id }
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
          :class="column.offer_id === table.stressed ? 'text-silk' : 'text-sea'"
          :aria-pressed="column.offer_id === table.stressed"
          @click="stress(column)"
        >
          {{ column.offer_id === table.stressed ? 'Highlighted' : 'Highlight this column' }}
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
      <p v-if="cautions[column.offer_id]" class="mt-1 text-sm text-amber" role="status">
        <strong>Check:</strong> {{ cautions[column.offer_id] }}
      </p>
      <div class="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-2">
        <div class="grid content-start gap-2">
          <TextField
            :model-value="column.name"
            label="Heading"
            note="Blank: what it sells."
            :error="errorAt(`columns.${index}.name`)"
            @update:model-value="(name) => change(index, { name })"
          />
          <TextField
            v-if="column.offer_id === table.stressed"
            :model-value="table.badge"
            label="Badge above it"
            :error="errorAt('badge')"
            @update:model-value="(badge) => (table = { ...table, badge })"
          />
        </div>
        <TextArea
          :model-value="column.text"
          label="Text, up to six lines"
          :rows="3"
          :error="errorAt(`columns.${index}.text`)"
          @update:model-value="(text) => change(index, { text })"
        />
      </div>
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
