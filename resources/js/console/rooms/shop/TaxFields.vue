<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import PickField from '../../kit/PickField.vue'
import SwitchField from '../../kit/SwitchField.vue'
import RatesField from './RatesField.vue'

/** How goods and shipping are taxed. */
defineProps<{
  rules: Schemas['ShopRules']
  trial: Schemas['RulesTrial'] | null
  errorAt: (path: string) => string | undefined
  home: string
}>()
const emit = defineEmits<{ change: [part: Partial<Schemas['ShopRules']>] }>()
const session = useSession()
const NO_TAX = ''
const shippingClasses = computed(() => [
  { value: NO_TAX, label: 'not taxed' },
  ...(session.shop?.tax_classes ?? []).map((value) => ({ value, label: value })),
])
</script>

<template>
  <div class="grid gap-4">
    <SwitchField
      label="Prices and fees contain tax"
      :model-value="rules.prices_include_tax"
      @update:model-value="(prices_include_tax) => emit('change', { prices_include_tax })"
    />
    <RatesField
      :model-value="rules.tax"
      :error-at="errorAt"
      :home="home"
      @update:model-value="(tax) => emit('change', { tax })"
    />
    <PickField
      class="max-w-56"
      label="Shipping is taxed as"
      :model-value="rules.shipping_tax_class ?? NO_TAX"
      :choices="shippingClasses"
      @update:model-value="(name) => emit('change', { shipping_tax_class: name === NO_TAX ? null : name })"
    />
    <p v-if="trial?.tax_sentence" class="text-sm text-pencil">{{ trial.tax_sentence }}</p>
  </div>
</template>
