<script setup lang="ts">
import type { Schemas } from '../../lib/client'

/** An offer in pickers and price tables: its button, what is sold by it, where it leads, what it costs. */
defineProps<{ short: Schemas['OfferShort'] }>()
</script>

<template>
  <span class="flex flex-wrap items-baseline gap-x-3">
    <span class="min-w-0 flex-1 [overflow-wrap:anywhere]">
      <bdi class="font-semibold">{{ short.caption }}</bdi>: <bdi>{{ short.goods }}</bdi>
      <span class="block text-sm text-pencil">
        <strong v-if="short.is_sold_out" class="font-semibold text-amber">Sold out · </strong>
        <bdi>{{ short.leads }}</bdi>
      </span>
    </span>
    <span class="tabular-nums">{{ short.amount }}</span>
  </span>
</template>
