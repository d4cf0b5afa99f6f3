<script setup lang="ts">
import type { Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import BillSlip from '../../../kit/BillSlip.vue'
import CountryField from '../../../kit/CountryField.vue'

defineProps<{ bill: Schemas['Bill'] | null; because: string }>()
const country = defineModel<string>({ required: true })
const session = useSession()
</script>

<template>
  <section aria-labelledby="proof-bill">
    <h2 id="proof-bill" class="sentence mb-3 text-lg font-semibold">On the bill</h2>
    <p class="mb-2 text-sm text-pencil">
      <template v-if="session.shop?.payee"
        >Paid to <span class="font-mono">{{ session.shop.payee }}</span>, which no button or page carries.</template
      >
      <template v-else>Nobody is paid yet: the shop has no payee.</template>
    </p>
    <CountryField v-model="country" label="A shopper in" class="mb-2" />
    <BillSlip v-if="bill" :bill="bill" with-profit />
    <p v-else-if="because" class="text-amber">The bill can’t be told. {{ because }}</p>
    <p v-else class="text-pencil">They pay for what is in their cart.</p>
  </section>
</template>
