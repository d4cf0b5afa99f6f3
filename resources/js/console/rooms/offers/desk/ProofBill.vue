<script setup lang="ts">
import WhatIsThis from '../../../kit/WhatIsThis.vue'
import type { Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import BillSlip from '../../../kit/BillSlip.vue'
import CountryField from '../../../kit/CountryField.vue'

defineProps<{ proof: Schemas['Proof'] }>()
const country = defineModel<string>({ required: true })
const session = useSession()
</script>

<template>
  <section aria-labelledby="proof-bill">
    <div class="mb-3">
      <h2 id="proof-bill" class="sentence inline text-lg font-semibold">On the bill</h2>
      <WhatIsThis of="bill" heading="On the bill" />
    </div>
    <p v-if="proof.is_paid_here" class="mb-2 text-sm text-pencil">
      <template v-if="session.shop?.payee"
        >Payments go to <span class="font-mono">{{ session.shop.payee }}</span>; no button or page shows that.</template
      >
      <template v-else>Nobody is paid yet: the shop has no payee.</template>
    </p>
    <CountryField v-if="proof.is_paid_here" v-model="country" label="A shopper in" class="mb-2" />
    <BillSlip v-if="proof.bill" :bill="proof.bill" with-profit />
    <p v-else-if="proof.no_bill_because" class="text-amber">
      The total can’t be worked out yet. {{ proof.no_bill_because }}
    </p>
    <p v-else class="text-pencil">{{ proof.paid_elsewhere }}</p>
    <dl v-if="proof.led_to.length > 0" class="mt-3">
      <div v-for="row in proof.led_to" :key="row.who" class="border-t border-rule py-1.5">
        <dt>
          {{ row.who }}: <bdi>{{ row.where }}</bdi>
        </dt>
        <dd v-if="row.address" class="font-mono text-sm [overflow-wrap:anywhere] text-pencil">{{ row.address }}</dd>
      </div>
    </dl>
  </section>
</template>
