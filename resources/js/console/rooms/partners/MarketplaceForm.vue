<script setup lang="ts">
import { computed } from 'vue'
import CountryField from '../../kit/CountryField.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import NamesField from '../../kit/NamesField.vue'
import PickField from '../../kit/PickField.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SuggestField from '../../kit/SuggestField.vue'
import TextField from '../../kit/TextField.vue'
import { sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useFields } from '../../lib/useFields'
import RatesField from './RatesField.vue'

/** What a marketplace is, under which ID it knows the seller, how its addresses are built, and what it counts. */
const props = defineProps<{
  trial: Schemas['MarketplaceTrial'] | null
  refusal: Refusal | null
  partners: string[]
  isTold: boolean
}>()
const entry = defineModel<Schemas['MarketplaceEntry']>({ required: true })
const session = useSession()
const { value, field } = useFields(entry, (part) => (entry.value = { ...entry.value, ...part }), errorAt)

function errorAt(path: string): string | undefined {
  return (props.isTold ? props.trial?.errors[path] : undefined) ?? sentenceAt(props.refusal, path)
}
const counting = computed(() => session.lists?.counting ?? [])
const schemes: { value: Schemas['Scheme']; label: string }[] = [
  { value: 'https', label: 'https' },
  { value: 'http', label: 'http' },
]
</script>

<template>
  <div>
    <LedgerRow title="Marketplace">
      <div class="grid gap-4 sm:grid-cols-2">
        <TextField v-bind="field('name')" label="Name" />
        <SuggestField v-bind="field('partner')" label="Partner" :known="partners" />
        <CountryField v-bind="field('country')" label="Country" />
        <TextField v-bind="field('currency')" label="Currency" is-mono note="Three letters, such as EUR." />
      </div>
    </LedgerRow>
    <LedgerRow title="Your ID">
      <div class="grid gap-4 sm:grid-cols-3">
        <TextField v-bind="field('partner_id')" label="Partner ID" is-mono note="Yours, as the partner gave it." />
        <TextField v-bind="field('id_parameter')" label="Parameter of the ID" is-mono note="Without = and &amp;." />
        <TextField
          v-bind="field('sub_id_parameter')"
          label="Sub-ID parameter"
          is-mono
          note="Tells your places apart. Blank: none."
        />
      </div>
    </LedgerRow>
    <LedgerRow title="Addresses">
      <div class="grid gap-4 sm:grid-cols-2">
        <NamesField
          v-bind="field('hosts')"
          class="sm:col-span-2"
          label="Hosts"
          is-mono
          note="Links lead to the first. With commas between them."
        />
        <TextField
          v-bind="field('item_address')"
          label="Address of an item"
          is-mono
          note="Such as /{item} or /goods{?nr}."
        />
        <TextField
          v-bind="field('search_address')"
          label="Address of a search"
          is-mono
          note="Such as /search{?q}. Blank: none."
        />
        <NamesField
          v-bind="field('patterns')"
          label="Other addresses of an item"
          is-mono
          note="As people paste them, such as /{item}-{title}."
        />
        <NamesField v-bind="field('keeps')" label="Parameters to keep" is-mono note="All others are left out." />
        <SegmentedChoice v-bind="value('scheme')" label="Scheme" :choices="schemes" />
        <TextField v-bind="field('port')" label="Port" inputmode="numeric" note="Blank: the usual one." />
      </div>
    </LedgerRow>
    <LedgerRow title="What counts as your sale">
      <div class="grid gap-4 sm:grid-cols-[minmax(0,1fr)_10rem]">
        <PickField v-bind="value('counts')" label="What is bought" :choices="counting" />
        <TextField v-bind="field('counts_for_hours')" label="Hours after the click" inputmode="numeric" />
      </div>
    </LedgerRow>
    <LedgerRow title="Commission">
      <RatesField v-bind="value('rates')" :error-at="errorAt" />
    </LedgerRow>
  </div>
</template>
