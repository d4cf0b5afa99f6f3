<script setup lang="ts">
import ModalDialog from '../../kit/ModalDialog.vue'
import TextField from '../../kit/TextField.vue'
import { sentenceAt, type Refusal } from '../../lib/client'

defineProps<{ numbers: number[]; isBusy: boolean; refusal: Refusal | null }>()
defineEmits<{ close: []; send: [] }>()
const carrier = defineModel<string>('carrier', { required: true })
const tracking = defineModel<string>('tracking', { required: true })
</script>

<template>
  <ModalDialog
    :is-open="numbers.length > 0"
    :title="numbers.length === 1 ? `Send order ${numbers[0]}` : `Send ${numbers.length} orders`"
    @close="$emit('close')"
  >
    <form class="grid gap-4" @submit.prevent="$emit('send')">
      <p>
        {{
          numbers.length === 1
            ? 'The shopper is told by mail that it is on its way. That can’t be taken back.'
            : 'Each shopper is told by mail that their order is on its way. That can’t be taken back.'
        }}
      </p>
      <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
      <TextField
        v-model="carrier"
        label="Carrier (optional)"
        note="Named in the mail, such as Tarn Parcel."
        :error="sentenceAt(refusal, 'carrier')"
      />
      <TextField
        v-if="numbers.length === 1"
        v-model="tracking"
        label="Tracking address (optional)"
        note="Where the parcel can be followed; it begins with https://."
        :error="sentenceAt(refusal, 'tracking')"
      />
      <div class="flex flex-wrap items-center gap-5">
        <button class="deed" :disabled="isBusy">Mark as sent and tell by mail</button>
        <button type="button" class="follow" @click="$emit('close')">Cancel</button>
      </div>
    </form>
  </ModalDialog>
</template>
