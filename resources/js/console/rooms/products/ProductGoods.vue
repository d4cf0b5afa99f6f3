<script setup lang="ts">
import { computed } from 'vue'
import FoldedRow from '../../kit/FoldedRow.vue'
import PickField from '../../kit/PickField.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import type { Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import type { useProductForm } from './useProductForm'
import { saidOf } from './saidOf'
import { useProductKind } from './useProductKind'

/** What there is of a product, how it comes to the shopper, and what it is in the books. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, change, errorAt } = form
const { value, field } = useFields(entry, change, errorAt)
const { kind, has } = useProductKind(form)

function isWrong(...fields: string[]): boolean {
  return fields.some((at) => errorAt(at) !== undefined)
}

const isVaried = computed(() => (entry.value?.options.length ?? 0) > 0)
const taxClasses = computed(() => (session.shop?.tax_classes ?? []).map((value) => ({ value, label: value })))
const units: { value: Schemas['WeightUnit']; label: string }[] = [
  { value: 'g', label: 'g' },
  { value: 'kg', label: 'kg' },
  { value: 'oz', label: 'oz' },
  { value: 'lb', label: 'lb' },
]

/** What the kind does not have is kept, and as usual meanwhile. */
const address = computed({
  get: () => kind.value?.addresses.find(({ value }) => value === entry.value?.parcel_address)?.value ?? '',
  set: (parcel_address) => change({ parcel_address }),
})
</script>

<template>
  <template v-if="entry">
    <FoldedRow
      v-if="has('stock')"
      :title="has('dates') ? 'Seats' : 'Stock'"
      :said="saidOf.stock(entry)"
      help="stock"
      :opens="isWrong('stock', 'low_stock')"
    >
      <div class="grid gap-4">
        <SwitchField
          v-if="!isVaried"
          v-bind="value('tracks_stock')"
          :label="has('dates') ? 'Count the seats' : 'Count the stock'"
        />
        <div v-if="entry.tracks_stock || isVaried" class="grid gap-4 sm:grid-cols-[9rem_9rem_minmax(0,1fr)]">
          <TextField
            v-if="!isVaried"
            v-bind="field('stock')"
            :label="has('dates') ? 'Free seats' : 'Pieces in stock'"
            inputmode="numeric"
          />
          <TextField
            v-bind="field('low_stock')"
            label="Low stock from"
            inputmode="numeric"
            note="From then on it is marked in lists."
          />
          <SwitchField
            v-bind="value('allows_back_order')"
            class="self-center sm:col-span-2 sm:col-start-auto"
            label="Take orders at zero stock"
          />
        </div>
      </div>
    </FoldedRow>

    <FoldedRow
      v-if="has('shipping')"
      title="Shipping"
      :said="saidOf.shipping(entry)"
      help="shipping"
      :opens="isWrong('weight', 'shipping_first', 'shipping_more')"
    >
      <div class="grid gap-4 sm:grid-cols-[8rem_6rem_minmax(0,1fr)_minmax(0,1fr)]">
        <TextField v-bind="field('weight')" label="Weight" inputmode="decimal" />
        <PickField v-bind="value('weight_unit')" label="Unit" :choices="units" />
        <TextField
          v-bind="field('shipping_first')"
          label="Own fee, first piece"
          inputmode="decimal"
          note="Counts where a zone has no table."
        />
        <TextField v-bind="field('shipping_more')" label="Each further piece" inputmode="decimal" />
      </div>
    </FoldedRow>

    <FoldedRow
      v-if="has('price')"
      title="Checkout"
      :said="`Address: ${kind?.addresses.find(({ value: each }) => each === address)?.label ?? ''}.`"
    >
      <PickField v-model="address" class="sm:w-64" label="Address" :choices="kind?.addresses ?? []" />
    </FoldedRow>

    <FoldedRow
      v-if="has('tax')"
      title="Cost and tax"
      :said="saidOf.tax(entry)"
      help="tax"
      :opens="isWrong('cost', 'tax_class')"
    >
      <div class="grid gap-4 sm:grid-cols-[9rem_12rem]">
        <TextField
          v-bind="field('cost')"
          label="Cost price"
          inputmode="decimal"
          note="For the profit, seen by you alone."
        />
        <PickField v-bind="value('tax_class')" label="Tax class" :choices="taxClasses" />
      </div>
    </FoldedRow>
  </template>
</template>
