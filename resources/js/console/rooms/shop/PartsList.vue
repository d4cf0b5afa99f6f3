<script setup lang="ts">
import { useSession } from '../../lib/session'

/** The parts of the page of settings, to be gone to. */
const session = useSession()
const parts = [
  { id: 'payee', label: 'Payments' },
  { id: 'shipping', label: 'Shipping' },
  { id: 'tax', label: 'Tax' },
  { id: 'country', label: 'Country' },
  { id: 'fee', label: 'Provider’s fee' },
  { id: 'coupons', label: 'Coupons' },
  { id: 'checkout', label: 'Checkout' },
  { id: 'shopfront', label: 'Shopfront' },
  { id: 'names', label: 'Names' },
]
</script>

<template>
  <nav class="columns-2" aria-label="Parts of this page">
    <RouterLink
      v-for="part in parts"
      :key="part.id"
      :to="{ hash: `#${part.id}` }"
      class="block min-h-7 text-sea hover:underline"
      >{{ part.label }}</RouterLink
    >
    <RouterLink
      :to="{ name: 'page-look', params: { shop: session.slug } }"
      class="block min-h-7 text-sea hover:underline"
      >Look of your pages</RouterLink
    >
    <RouterLink :to="{ name: 'words', params: { shop: session.slug } }" class="block min-h-7 text-sea hover:underline"
      >Words</RouterLink
    >
    <RouterLink :to="{ name: 'deleted', params: { shop: session.slug } }" class="block min-h-7 text-sea hover:underline"
      >Deleted things</RouterLink
    >
  </nav>
</template>
