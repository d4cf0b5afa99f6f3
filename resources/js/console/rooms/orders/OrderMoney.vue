<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { useDates } from '../../lib/useDates'

defineProps<{ order: Schemas['Order'] }>()
defineEmits<{ refund: [] }>()
const { dayAndTime } = useDates()
</script>

<template>
  <section data-money-state>
    <h2 class="small-title mb-1">Money</h2>
    <p class="font-semibold" :class="order.money.state === 'authorised' ? 'text-amber' : 'text-good'">
      {{ order.money.label }}
    </p>
    <p class="text-sm text-pencil">
      <template v-if="order.captured_at">Paid on {{ dayAndTime(order.captured_at) }}</template>
      <template v-else-if="order.money.state === 'authorised'">The payment is collected within moments.</template>
      <span v-if="order.payment" class="block">
        Payment <span class="font-mono">{{ order.payment }}</span>
      </span>
    </p>
    <ol v-if="order.refunds.length" class="mt-2 grid gap-2 border-l-2 border-rule pl-3">
      <li v-for="(refund, index) in order.refunds" :key="index" class="[overflow-wrap:anywhere]" data-refund>
        <span :class="refund.state === 'done' ? '' : 'text-amber'">{{ refund.label }}</span>
        {{ ' ' }}<span class="font-semibold">{{ refund.amount.shown }}</span>
        <span class="block text-sm text-pencil">
          {{ dayAndTime(refund.at)
          }}<template v-if="refund.person">
            by <bdi>{{ refund.person }}</bdi></template
          >, tax {{ refund.tax.shown }}<template v-if="refund.is_restocked">, back in stock</template>
        </span>
        <span v-for="(line, at) in refund.lines" :key="at" class="block text-sm text-pencil">
          <template v-if="line.pieces > 0">{{ line.pieces }} × </template><bdi>{{ line.name }}</bdi
          >: {{ line.amount.shown }}
        </span>
        <span v-if="refund.reason" class="block text-sm" dir="auto">{{ refund.reason }}</span>
      </li>
    </ol>
    <button v-if="order.refundable" class="follow mt-2" @click="$emit('refund')">Refund</button>
  </section>
</template>
