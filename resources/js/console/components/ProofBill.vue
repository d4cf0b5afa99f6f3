<script setup lang="ts">
import type { Schemas } from '../../shared/client'
import { useSession } from '../stores/session'
import BillSlip from './BillSlip.vue'

defineProps<{ bill: Schemas['Bill'] | null }>()
const session = useSession()
</script>

<template>
  <section aria-labelledby="proof-bill">
    <h2 id="proof-bill" class="sentence mb-3 text-lg font-semibold">On the bill</h2>
    <BillSlip v-if="bill" :bill="bill" with-profit />
    <p v-else class="text-amber">The bill can’t be told: nothing ships to the shop’s home country yet.</p>
    <p class="mt-2 text-sm text-pencil">
      <template v-if="session.shop?.payee"
        >Paid to account <span class="font-mono">{{ session.shop.payee }}</span>; no button or page carries
        it.</template
      >
      <template v-else>Nobody is paid yet: the shop has no payee.</template>
    </p>
  </section>
</template>
