<script setup lang="ts">
import { onMounted, ref } from 'vue'
import CountryField from '../../kit/CountryField.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import AddressRow from './AddressRow.vue'
import ProductWriting from './ProductWriting.vue'
import type { useProductForm } from './useProductForm'

/** Where goods that a partner sells are to be had, and which shoppers are sent where. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, check, country, change, errorAt } = form
const marketplaces = ref<Schemas['Marketplace'][]>([])

function put(index: number, address: Schemas['AddressEntry']): void {
  const addresses = (entry.value?.addresses ?? []).map((old, at) => {
    if (at === index) return address
    // One marketplace is for everybody else.
    return address.is_fallback ? { ...old, is_fallback: false } : old
  })
  change({ addresses })
}

function add(): void {
  const addresses = entry.value?.addresses ?? []
  const blank = {
    by: 'address',
    marketplace_id: null,
    text: '',
    price: '',
    category: '',
    is_fallback: addresses.length === 0,
  } as const
  change({ addresses: [...addresses, blank] })
}

/** What its page says, where nothing was written yet. */
function take(index: number, page: Schemas['ItemPage']): void {
  const now = entry.value
  const address = now?.addresses[index]
  if (!now || !address) return
  put(index, { ...address, price: page.price })
  if (now.name.trim() === '') change({ name: page.shorter || page.title })
}

function remove(index: number): void {
  change({ addresses: (entry.value?.addresses ?? []).filter((_, at) => at !== index) })
}

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/partners', { params: { path: { shop: session.slug } } }))
  marketplaces.value = data?.marketplaces ?? []
  if (entry.value?.addresses.length === 0) add()
})
</script>

<template>
  <LedgerRow v-if="entry" title="Where it is sold">
    <p v-if="marketplaces.length === 0" class="mb-3">
      You have no partner yet.
      <RouterLink :to="{ name: 'partners', params: { shop: session.slug } }" class="follow">Add one first</RouterLink>
    </p>
    <div class="grid gap-4">
      <AddressRow
        v-for="(address, index) in entry.addresses"
        :key="index"
        :model-value="address"
        :number="index + 1"
        :marketplaces="marketplaces"
        :reading="check?.readings[index] ?? null"
        :error-at="(name) => errorAt(`addresses.${index}.${name}`)"
        @update:model-value="(changed) => put(index, changed)"
        @remove="remove(index)"
        @take="(page) => take(index, page)"
      />
    </div>
    <p v-if="errorAt('addresses')" class="mt-2 text-sm text-wrong" role="alert">{{ errorAt('addresses') }}</p>
    <button type="button" class="side-deed mt-3" @click="add">Add another marketplace</button>
    <ProductWriting v-if="check?.writing" :writing="check.writing" :form="form" class="mt-5" />
    <div v-if="check && check.sent.length > 0" class="mt-5 grid gap-x-8 gap-y-3 sm:grid-cols-2">
      <table class="w-full self-start text-left">
        <caption class="small-title mb-1 text-left">
          Which shopper goes where
        </caption>
        <tbody>
          <tr v-for="row in check.sent" :key="row.who" class="border-t border-rule">
            <th scope="row" class="py-1 pr-3 font-normal">{{ row.who }}</th>
            <td class="py-1">
              <bdi>{{ row.where }}</bdi>
            </td>
          </tr>
        </tbody>
      </table>
      <div>
        <CountryField v-model="country" label="Try a country" />
        <p v-if="check.tried" class="mt-2" role="status">{{ check.tried }}</p>
      </div>
    </div>
  </LedgerRow>
</template>
