<script setup lang="ts">
import { ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../shared/client'
import TextField from '../components/TextField.vue'
import { useSession } from '../stores/session'

const session = useSession()
const amount = ref(session.shop?.shipping_fee.decimal ?? '')
const refusal = ref<Refusal | null>(null)
const isSaved = ref(false)

async function save(): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.PUT('/shops/{shop}/shipping-fee', { params: { path: { shop: session.slug } }, body: { amount: amount.value } }),
  )
  refusal.value = refused ?? null
  isSaved.value = data !== undefined
  if (!data) return
  session.shop = data
  amount.value = data.shipping_fee.decimal
}
</script>

<template>
  <h1 class="sentence py-6 text-3xl font-semibold">Shop</h1>
  <div v-if="session.shop" class="grid max-w-2xl gap-8">
    <form class="flex flex-wrap items-end gap-3" novalidate @submit.prevent="save">
      <TextField
        v-model="amount"
        :label="`Shipping, once an order, in ${session.shop.currency}`"
        inputmode="decimal"
        class="w-80"
        :error="refusal ? (sentenceAt(refusal, 'amount') ?? refusal.message) : undefined"
        :note="
          isSaved
            ? `Saved. Every order now ships for ${session.shop.shipping_fee.shown}.`
            : `Every order ships for ${session.shop.shipping_fee.shown}.`
        "
        @update:model-value="isSaved = false"
      />
      <button type="submit" class="deed mb-7">Save</button>
    </form>
    <dl class="grid gap-x-6 gap-y-2 sm:grid-cols-[10rem_1fr]">
      <dt class="text-pencil">Shopfront</dt>
      <dd>
        <a :href="session.shop.base" class="follow" target="_blank" rel="noopener">{{ session.shop.base }}</a>
      </dd>
      <dt class="text-pencil">Paid to account</dt>
      <dd class="font-mono">{{ session.shop.payee ?? 'none yet' }}</dd>
      <dt class="text-pencil">Ready to be paid</dt>
      <dd :class="session.shop.is_ready ? 'text-good' : 'text-wrong'">
        {{ session.shop.is_ready ? 'Yes' : 'No; set a payee with “php artisan shop:payee”, and a payment provider.' }}
      </dd>
    </dl>
  </div>
</template>
