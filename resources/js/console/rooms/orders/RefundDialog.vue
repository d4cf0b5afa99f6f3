<script setup lang="ts">
import ModalDialog from '../../kit/ModalDialog.vue'
import RefundForm from './RefundForm.vue'
import type { Schemas } from '../../lib/client'

defineProps<{ order: Schemas['Order']; isOpen: boolean }>()
defineEmits<{ close: []; done: [order: Schemas['Order']] }>()
</script>

<template>
  <ModalDialog :is-open="isOpen" :title="`Refund order ${order.number}`" is-wide @close="$emit('close')">
    <RefundForm
      v-if="order.refundable"
      :number="order.number"
      :refundable="order.refundable"
      :is-here="order.goods.state === 'new' || order.goods.state === 'packed'"
      @close="$emit('close')"
      @done="(changed) => $emit('done', changed)"
    />
  </ModalDialog>
</template>
