<script setup lang="ts">
import type { Schemas } from '../lib/client'

defineProps<{ bill: Schemas['Bill']; withoutLines?: boolean; withProfit?: boolean }>()
</script>

<template>
  <dl>
    <template v-if="!withoutLines">
      <div v-for="line in bill.lines" :key="line.sku" class="flex justify-between gap-4 py-1.5">
        <dt class="min-w-0 [overflow-wrap:anywhere]">
          <bdi>{{ line.name }}</bdi>
          <span v-if="line.choices" class="block text-sm" dir="auto">{{ line.choices }}</span>
          <span v-if="line.when" class="block text-sm" dir="auto">{{ line.when }}</span>
          <span class="block text-sm text-pencil"
            >{{ line.quantity }} × {{ line.unit.shown
            }}<template v-if="line.because">. {{ line.because }}</template></span
          >
        </dt>
        <dd>{{ line.subtotal.shown }}</dd>
      </div>
    </template>
    <div v-else class="flex justify-between gap-4 py-1.5">
      <dt>Goods</dt>
      <dd>{{ bill.items.shown }}</dd>
    </div>
    <div v-if="bill.discount" class="flex justify-between gap-4 border-t border-rule py-1.5">
      <dt>
        Discount <span class="block text-sm text-pencil">{{ bill.discount_because }}</span>
      </dt>
      <dd>−{{ bill.discount.shown }}</dd>
    </div>
    <div v-if="bill.shipping" class="flex justify-between gap-4 border-t border-rule py-1.5">
      <dt>
        Shipping <span class="block text-sm text-pencil">{{ bill.shipping_because }}</span>
      </dt>
      <dd>{{ bill.shipping.shown }}</dd>
    </div>
    <div v-if="bill.tax && !bill.tax_is_contained" class="flex justify-between gap-4 border-t border-rule py-1.5">
      <dt>
        Tax <span class="block text-sm text-pencil">{{ bill.tax_because }}</span>
      </dt>
      <dd>{{ bill.tax.shown }}</dd>
    </div>
    <div class="flex justify-between gap-4 border-t border-rule py-1.5 text-xl font-semibold">
      <dt>Total</dt>
      <dd>{{ bill.total.shown }}</dd>
    </div>
    <template v-if="bill.cards && bill.due">
      <div class="flex justify-between gap-4 border-t border-rule py-1.5">
        <dt>Gift cards</dt>
        <dd>−{{ bill.cards.shown }}</dd>
      </div>
      <div class="flex justify-between gap-4 border-t border-rule py-1.5 font-semibold">
        <dt>To pay</dt>
        <dd>{{ bill.due.shown }}</dd>
      </div>
    </template>
    <div v-if="bill.tax && bill.tax_is_contained" class="flex justify-between gap-4 text-sm text-pencil">
      <dt>Tax in it</dt>
      <dd>{{ bill.tax.shown }}</dd>
    </div>
    <div v-if="withProfit" class="flex justify-between gap-4 pt-1 text-good">
      <dt>Profit</dt>
      <dd>{{ bill.profit.shown }}</dd>
    </div>
  </dl>
</template>
