<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../../lib/session'

/** The hosts that a shopper may be led to. */
const session = useSession()
const hosts = computed(() => session.shop?.hosts ?? [])
</script>

<template>
  <p class="text-sm">
    <template v-if="hosts.length > 0"
      >Hosts that you have listed: <span class="font-mono">{{ hosts.join(', ') }}</span></template
    >
    <template v-else>No host is listed yet; list one under Shop, Checkout.</template>
  </p>
</template>
