<script setup lang="ts">
import { sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import PickField from '../../kit/PickField.vue'
import ProductPicker from '../../kit/ProductPicker.vue'
import TagField from '../../kit/TagField.vue'
import TextField from '../../kit/TextField.vue'

/** What a coupon takes off, of what, when and how often. */
defineProps<{ refusal: Refusal | null }>()
const entry = defineModel<Schemas['CouponEntry']>({ required: true })
const session = useSession()
const kinds: { value: Schemas['CouponKind']; label: string }[] = [
  { value: 'percent', label: 'a percentage off' },
  { value: 'amount', label: 'an amount off' },
  { value: 'free_shipping', label: 'free shipping' },
]
</script>

<template>
  <div class="grid gap-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1.2fr)_minmax(0,0.7fr)_minmax(0,0.8fr)]">
    <TextField v-model="entry.code" label="Code" is-mono :error="sentenceAt(refusal, 'code')" />
    <PickField v-model="entry.kind" label="Discount" :choices="kinds" />
    <TextField
      v-if="entry.kind !== 'free_shipping'"
      v-model="entry.value"
      :label="entry.kind === 'percent' ? 'Percent off' : `Amount, ${session.shop?.currency}`"
      inputmode="decimal"
      :error="sentenceAt(refusal, 'value')"
    />
    <TextField
      v-model="entry.min_spend"
      label="Minimum order"
      inputmode="decimal"
      note="Blank: any."
      :error="sentenceAt(refusal, 'min_spend')"
    />
  </div>
  <div class="grid gap-4 sm:grid-cols-[minmax(0,1.2fr)_minmax(0,1.2fr)_minmax(0,0.7fr)_minmax(0,0.7fr)]">
    <TextField v-model="entry.from" label="Valid from" type="datetime-local" :error="sentenceAt(refusal, 'from')" />
    <TextField v-model="entry.until" label="Up to" type="datetime-local" :error="sentenceAt(refusal, 'until')" />
    <TextField
      v-model="entry.most_uses"
      label="Uses in all"
      inputmode="numeric"
      note="Blank: any."
      :error="sentenceAt(refusal, 'most_uses')"
    />
    <TextField
      v-model="entry.most_uses_each"
      label="Per shopper"
      inputmode="numeric"
      note="By e-mail."
      :error="sentenceAt(refusal, 'most_uses_each')"
    />
  </div>
  <TagField
    v-model="entry.skus"
    label="Only for these SKUs"
    :known="[]"
    note="None: for all goods. A product’s SKU stands for all its variants."
  />
  <ProductPicker is-quiet @picked="(product) => (entry.skus = [...new Set([...entry.skus, product.sku])])" />
</template>
