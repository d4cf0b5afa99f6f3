<script setup lang="ts">
import type { Schemas } from '../lib/client'

defineProps<{ state: Schemas['OfferState'] }>()
const words = { draft: 'Draft', live: 'Live', paused: 'Paused', archived: 'Archived' }
</script>

<template>
  <!-- The kite itself tells: flying, half furled, not yet painted, put away. -->
  <span
    class="inline-flex items-center gap-1.5 text-sm font-semibold"
    :class="{
      'text-good': state === 'live',
      'text-amber': state === 'paused',
      'text-pencil': state === 'draft' || state === 'archived',
    }"
  >
    <svg viewBox="0 0 16 20" width="12" height="15" aria-hidden="true" stroke="currentColor" stroke-width="1.6">
      <path d="M8 1l6 7-6 11L2 8z" :fill="state === 'live' ? 'currentColor' : 'none'" />
      <path v-if="state === 'paused'" d="M8 1v18L2 8z" fill="currentColor" />
      <path v-if="state === 'archived'" d="M2 8h12" />
    </svg>
    {{ words[state] }}
  </span>
</template>
