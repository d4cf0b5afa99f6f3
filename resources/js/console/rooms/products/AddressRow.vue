<script setup lang="ts">
import { computed } from 'vue'
import AddressReading from '../../kit/AddressReading.vue'
import PickField from '../../kit/PickField.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SuggestField from '../../kit/SuggestField.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import ItemPage from './ItemPage.vue'

/** Where a product is to be had at one marketplace: by the address of its page, its number there, or a search. */
const props = defineProps<{
  number: number
  marketplaces: Schemas['Marketplace'][]
  reading: Schemas['AddressReading'] | null
  errorAt: (field: keyof Schemas['AddressEntry']) => string | undefined
}>()
const address = defineModel<Schemas['AddressEntry']>({ required: true })
defineEmits<{ remove: []; take: [page: Schemas['ItemPage']] }>()
const session = useSession()

const change = (part: Partial<Schemas['AddressEntry']>): void => void (address.value = { ...address.value, ...part })
const chosen = computed(() => props.marketplaces.find(({ id }) => id === address.value.marketplace_id))
const categories = computed(() => [
  ...new Set((found.value?.entry.rates ?? []).map(({ category }) => category).filter((category) => category !== '')),
])
const found = computed(() => props.marketplaces.find(({ entry }) => entry.name === props.reading?.marketplace))
const choices = computed(() => [
  { value: '', label: 'choose' },
  ...props.marketplaces
    .filter(({ id, is_away }) => !is_away || id === address.value.marketplace_id)
    .map(({ id, entry }) => ({ value: String(id), label: entry.name })),
])
const label = computed(
  () => ({ address: 'Address of its page', reference: 'Item number there', search: 'Search words' })[address.value.by],
)
</script>

<template>
  <fieldset class="grid gap-3 border-b border-rule pb-4" data-address>
    <legend class="sr-only">Address {{ number }}</legend>
    <SegmentedChoice
      :model-value="address.by"
      label="Named by"
      :choices="session.lists?.named_by ?? []"
      @update:model-value="(by) => change({ by })"
    />
    <div class="grid gap-3" :class="{ 'sm:grid-cols-[14rem_minmax(0,1fr)]': address.by !== 'address' }">
      <div v-if="address.by !== 'address'">
        <PickField
          :model-value="String(chosen?.id ?? '')"
          label="Marketplace"
          :choices="choices"
          @update:model-value="(id) => change({ marketplace_id: id === '' ? null : Number(id) })"
        />
        <p v-if="errorAt('marketplace_id')" class="mt-1 text-sm text-wrong" role="alert">
          {{ errorAt('marketplace_id') }}
        </p>
      </div>
      <TextField
        :model-value="address.text"
        :label="label"
        is-mono
        :error="reading?.findings.length ? undefined : errorAt('text')"
        @update:model-value="(text) => change({ text })"
      />
    </div>
    <AddressReading v-if="reading" :reading="reading" />
    <ItemPage
      v-if="reading?.address && address.by !== 'search'"
      :address="reading.address"
      @take="(page) => $emit('take', page)"
    />
    <div v-if="reading?.address" class="grid gap-3 sm:grid-cols-[12rem_minmax(0,14rem)_minmax(0,1fr)]">
      <TextField
        :model-value="address.price"
        :label="`Price there, ${found?.entry.currency ?? ''}`"
        inputmode="decimal"
        :error="errorAt('price')"
        @update:model-value="(price) => change({ price })"
      />
      <SuggestField
        :model-value="address.category"
        label="Category there"
        :known="categories"
        note="For its commission."
        :error="errorAt('category')"
        @update:model-value="(category) => change({ category })"
      />
      <p class="self-center text-sm text-pencil">
        A price that you write is shown with today’s date, and its page is looked at once a day. Blank: none is shown.
      </p>
    </div>
    <div class="flex flex-wrap items-center justify-between gap-3">
      <SwitchField
        :model-value="address.is_fallback"
        label="For shoppers of all other countries"
        @update:model-value="(is_fallback) => change({ is_fallback })"
      />
      <button type="button" class="follow min-h-8" @click="$emit('remove')">
        Remove <span class="sr-only">address {{ number }}</span>
      </button>
    </div>
    <p v-if="errorAt('is_fallback')" class="text-sm text-wrong" role="alert">{{ errorAt('is_fallback') }}</p>
  </fieldset>
</template>
