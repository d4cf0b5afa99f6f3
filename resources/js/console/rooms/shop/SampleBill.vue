<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import BillSlip from '../../kit/BillSlip.vue'
import CountryField from '../../kit/CountryField.vue'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'

/** A made-up cart, and what the rules as they stand make of it. */
defineProps<{ trial: Schemas['RulesTrial'] | null; currency: string; taxClasses: string[] }>()
const sample = defineModel<Schemas['RulesTrialEntry']['sample']>({ required: true })

function change(part: Partial<Schemas['RulesTrialEntry']['sample']>): void {
  sample.value = { ...sample.value, ...part }
}

const { value } = useFields(sample, change)
</script>

<template>
  <section aria-labelledby="sample-title" class="border-t-3 border-sea bg-sheet p-5">
    <h2 id="sample-title" class="sentence mb-3 text-lg font-semibold">A sample cart</h2>
    <div class="grid grid-cols-2 gap-3">
      <TextField v-bind="value('amount')" :label="`Goods, ${currency}`" inputmode="decimal" />
      <TextField v-bind="value('weight')" label="Grams" inputmode="numeric" />
      <TextField v-bind="value('pieces')" label="Pieces" inputmode="numeric" />
      <PickField
        v-bind="value('tax_class')"
        label="Tax class"
        :choices="taxClasses.map((value) => ({ value, label: value }))"
      />
      <CountryField v-bind="value('country')" class="col-span-2" label="Sent to" />
    </div>
    <div class="mt-4 border-t border-rule pt-2" aria-live="polite">
      <template v-if="trial?.bill">
        <BillSlip :bill="trial.bill" without-lines />
        <p class="mt-2 text-sm text-pencil">{{ trial.fee_sentence }}</p>
      </template>
      <p v-else-if="trial" class="text-amber">{{ trial.fault }}</p>
    </div>
  </section>
</template>
