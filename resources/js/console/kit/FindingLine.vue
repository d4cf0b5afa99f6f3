<script setup lang="ts">
import { computed } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import type { Schemas } from '../lib/client'
import { useSession } from '../lib/session'

const props = defineProps<{ finding: Schemas['Finding']; product?: number | undefined }>()
const names = { error: 'Must fix', caution: 'Check', hint: 'Tip' }
const rooms: Partial<Record<Schemas['MendAt'], string>> = {
  shipping: 'Open the zones',
  product: 'Open the product',
  looks: 'Open the looks',
  partners: 'Open the partners',
}
const session = useSession()
const way = computed<RouteLocationRaw | null>(() => {
  const { room } = props.finding
  const shop = session.slug
  if (room === 'product') return props.product ? { name: 'product', params: { shop, id: props.product } } : null
  if (room === 'looks' || room === 'partners') return { name: room, params: { shop } }
  return room === 'shipping' ? { name: 'shop', params: { shop }, hash: `#${room}` } : null
})
</script>

<template>
  <p
    class="text-base"
    :class="{
      'text-wrong': finding.severity === 'error',
      'text-amber': finding.severity === 'caution',
      'text-pencil': finding.severity === 'hint',
    }"
  >
    <strong>{{ names[finding.severity] }}:</strong> {{ finding.sentence }}
    <RouterLink v-if="way && finding.room" :to="way" class="follow">{{ rooms[finding.room] }}</RouterLink>
  </p>
</template>
