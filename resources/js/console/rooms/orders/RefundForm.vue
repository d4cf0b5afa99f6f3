<script setup lang="ts">
import DraftGuard from '../../kit/DraftGuard.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import RefundPreview from './RefundPreview.vue'
import RefundRow from './RefundRow.vue'
import { sentenceAt, type Schemas } from '../../lib/client'
import { useRefund } from './useRefund'

const props = defineProps<{
  number: number
  refundable: Schemas['Refundable']
  /** Whether the goods have not left yet. */
  isHere: boolean
}>()
const emit = defineEmits<{ close: []; done: [order: Schemas['Order']] }>()
const { entry, isRestocked, trial, refusal, chooseAll, refund, draft } = useRefund(
  () => props.number,
  () => props.refundable,
)
isRestocked.value = props.isHere

function cancel(): void {
  draft.drop()
  emit('close')
}

const WAYS: { value: Schemas['RefundEntry']['by']; label: string }[] = [
  { value: 'goods', label: 'Goods and shipping' },
  { value: 'amount', label: 'An amount' },
]

function line(id: number): Schemas['RefundLineEntry'] | undefined {
  return entry.value.lines.find((one) => one.line === id)
}

function setPieces(id: number, pieces: string): void {
  const found = line(id)
  if (found) found.pieces = pieces
}

/** What is left of a line, in words. */
function left(item: Schemas['RefundableLine']): string {
  if (item.pieces === 0) return 'All of it was given back'
  return `${item.pieces === 1 ? '1 piece' : `${item.pieces} pieces`}, ${item.amount.shown} in all`
}

async function submit(): Promise<void> {
  const changed = await refund()
  if (changed) emit('done', changed)
}
</script>

<template>
  <form class="grid gap-x-8 gap-y-5 md:grid-cols-[minmax(0,1fr)_17rem]" @submit.prevent="submit">
    <div class="grid content-start gap-5">
      <div class="-mb-5"><DraftGuard :draft="draft" /></div>
      <SegmentedChoice v-model="entry.by" label="Give back" :choices="WAYS" />
      <template v-if="entry.by === 'goods'">
        <div>
          <RefundRow
            v-for="item in refundable.lines"
            :key="item.line"
            :name="item.name"
            :choices="item.choices"
            :left="left(item)"
            :unit="item.pieces > 0 ? 'Pieces' : ''"
            :model-value="line(item.line)?.pieces ?? ''"
            :error="sentenceAt(refusal, `lines.${item.line}`)"
            @update:model-value="(pieces) => setPieces(item.line, pieces)"
          />
          <RefundRow
            v-model="entry.shipping"
            name="Shipping"
            choices=""
            :left="`${refundable.shipping.shown} in all`"
            unit="Amount"
            :error="sentenceAt(refusal, 'shipping')"
          />
          <button type="button" class="follow mt-1" @click="chooseAll">Choose all</button>
        </div>
        <SwitchField v-model="isRestocked" label="Put the pieces back in stock" />
      </template>
      <TextField
        v-else
        v-model="entry.amount"
        class="max-w-64"
        label="Amount"
        inputmode="decimal"
        :note="`At most ${refundable.total.shown}. No goods come back for it.`"
        :error="sentenceAt(refusal, 'amount')"
      />
      <TextField
        v-model="entry.reason"
        :label="entry.by === 'goods' ? 'Reason (optional)' : 'Reason'"
        note="The shopper reads it in the mail."
        :error="sentenceAt(refusal, 'reason')"
      />
    </div>
    <div class="grid content-start gap-4">
      <RefundPreview :trial="trial" />
      <p v-if="refusal && (!refusal.errors || sentenceAt(refusal, 'what'))" class="text-wrong" role="alert">
        {{ sentenceAt(refusal, 'what') ?? refusal.message }}
      </p>
      <div class="flex flex-wrap items-center gap-5">
        <button class="deed" :disabled="trial === null">
          {{ trial ? `Refund ${trial.amount.shown}` : 'Refund' }}
        </button>
        <button type="button" class="follow" @click="cancel">Cancel</button>
      </div>
    </div>
  </form>
</template>
