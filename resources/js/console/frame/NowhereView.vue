<script setup lang="ts">
import { useSession } from '../lib/session'

const session = useSession()
</script>

<template>
  <div class="py-16">
    <h1 class="sentence mb-3 text-3xl font-semibold">Nothing is here</h1>
    <p class="mb-4">The address is mistyped, or it belongs to a shop that you don’t work in.</p>
    <RouterLink v-if="session.firstShop" :to="{ name: 'offers', params: { shop: session.firstShop } }" class="follow"
      >To the offers</RouterLink
    >
  </div>
</template>
