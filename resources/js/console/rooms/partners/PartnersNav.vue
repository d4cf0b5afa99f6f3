<script setup lang="ts">
import { useSession } from '../../lib/session'

/** The views of this room. */
const session = useSession()
const views = [
  { name: 'partners', label: 'Marketplaces' },
  { name: 'prices', label: 'Prices' },
  { name: 'commission', label: 'Commission' },
  { name: 'earnings', label: 'Earnings' },
  { name: 'reports', label: 'Reports' },
  { name: 'partner-rules', label: 'Rules' },
]
</script>

<template>
  <nav aria-label="Partners" class="mb-5 flex flex-wrap gap-x-5 gap-y-1 border-b border-rule">
    <RouterLink
      v-for="view in views"
      :key="view.name"
      :to="{ name: view.name, params: { shop: session.slug } }"
      class="-mb-px border-b-2 py-1.5"
      :class="$route.name === view.name ? 'border-silk font-semibold' : 'border-transparent text-sea'"
      :aria-current="$route.name === view.name ? 'page' : undefined"
      >{{ view.label }}</RouterLink
    >
  </nav>
</template>
