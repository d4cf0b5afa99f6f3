<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'

/** The gift cards of an order: sold by it, used to pay it, refunded. */
defineProps<{ order: Schemas['Order'] }>()
const session = useSession()
</script>

<template>
  <section data-gift-cards>
    <h2 class="small-title mb-1">Gift cards</h2>
    <ul>
      <li
        v-for="(card, index) in order.gift_cards"
        :key="index"
        class="flex justify-between gap-4 border-b border-rule"
      >
        <span
          >{{ card.label }}
          <RouterLink
            :to="{ name: 'gift-card', params: { shop: session.slug, id: card.id } }"
            class="follow inline-block min-h-8 py-1 font-mono"
            ><span class="sr-only">Ending in </span>…{{ card.tail }}</RouterLink
          ></span
        >
        <span class="py-1 whitespace-nowrap">{{ card.is_off ? '−' : '' }}{{ card.amount.shown }}</span>
      </li>
    </ul>
  </section>
</template>
