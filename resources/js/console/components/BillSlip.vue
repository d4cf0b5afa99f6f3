<script setup lang="ts">
import type { Schemas } from '../../shared/client'

defineProps<{ bill: Schemas['Bill'] }>()
</script>

<template>
  <dl>
    <div v-for="line in bill.lines" :key="line.sku" class="flex justify-between gap-4 py-1.5">
      <dt class="min-w-0 [overflow-wrap:anywhere]">
        <bdi>{{ line.name }}</bdi>
        <span class="block text-sm text-pencil">{{ line.quantity }} × {{ line.unit.shown }}</span>
      </dt>
      <dd>{{ line.subtotal.shown }}</dd>
    </div>
    <div class="flex justify-between gap-4 border-t border-rule py-1.5">
      <dt>
        Shipping <span class="block text-sm text-pencil">{{ bill.shipping_because }}</span>
      </dt>
      <dd>{{ bill.shipping.shown }}</dd>
    </div>
    <div class="flex justify-between gap-4 border-t border-rule py-1.5 text-xl font-semibold">
      <dt>Total</dt>
      <dd>{{ bill.total.shown }}</dd>
    </div>
  </dl>
</template>
