<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { sentenceAt, type Schemas } from '../../shared/client'
import CountryField from '../components/CountryField.vue'
import LeaveDialog from '../components/LeaveDialog.vue'
import LedgerRow from '../components/LedgerRow.vue'
import PickField from '../components/PickField.vue'
import CheckoutForm from '../components/shop/CheckoutForm.vue'
import CouponsField from '../components/shop/CouponsField.vue'
import NamesForm from '../components/shop/NamesForm.vue'
import PayeeForm from '../components/shop/PayeeForm.vue'
import RatesField from '../components/shop/RatesField.vue'
import SampleBill from '../components/shop/SampleBill.vue'
import ShopfrontForm from '../components/shop/ShopfrontForm.vue'
import ZonesField from '../components/shop/ZonesField.vue'
import RefusalNotice from '../components/RefusalNotice.vue'
import SwitchField from '../components/SwitchField.vue'
import TextField from '../components/TextField.vue'
import { useLeaveGuard } from '../composables/useLeaveGuard'
import { useRules } from '../composables/useRules'
import { useSession } from '../stores/session'

const session = useSession()
const {
  rules,
  homeCountry,
  currency,
  mayChangeCurrency,
  sample,
  trial,
  refusal,
  isDirty,
  isWorking,
  errorAt,
  load,
  save,
  saveOver,
} = useRules()
const isCheckoutDirty = ref(false)
const isShopfrontDirty = ref(false)
const { isAsking, answer } = useLeaveGuard(
  computed(() => isDirty.value || isCheckoutDirty.value || isShopfrontDirty.value),
)
const NO_TAX = ''
const shippingClasses = computed(() => [
  { value: NO_TAX, label: 'not taxed' },
  ...(session.shop?.tax_classes ?? []).map((value) => ({ value, label: value })),
])
const wrongCount = computed(() => Object.keys(trial.value?.errors ?? {}).length)

const route = useRoute()

/** A finding leads to the part that mends it. */
onMounted(async () => {
  await load()
  await nextTick()
  const part = document.getElementById(route.hash.slice(1))
  part?.scrollIntoView()
  part?.querySelector<HTMLElement>('button, input')?.focus({ preventScroll: true })
})

function change(part: Partial<Schemas['ShopRules']>): void {
  if (rules.value) rules.value = { ...rules.value, ...part }
}
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <div class="pt-6 pb-24">
    <h1 class="sentence mb-5 text-3xl font-semibold">What the shop adds, and how it asks</h1>
    <p v-if="refusal && !rules" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <div v-if="rules" class="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="min-w-0">
        <LedgerRow id="payee" title="Paid to"><PayeeForm /></LedgerRow>
        <LedgerRow id="shipping" title="Shipping">
          <ZonesField
            :model-value="rules.zones"
            :charts="trial?.charts ?? []"
            :error-at="errorAt"
            :home="homeCountry"
            @update:model-value="(zones) => change({ zones })"
          />
        </LedgerRow>
        <LedgerRow title="Tax">
          <div class="grid gap-4">
            <SwitchField
              label="Prices and fees contain tax"
              :model-value="rules.prices_include_tax"
              @update:model-value="(prices_include_tax) => change({ prices_include_tax })"
            />
            <RatesField
              :model-value="rules.tax"
              :error-at="errorAt"
              :home="homeCountry"
              @update:model-value="(tax) => change({ tax })"
            />
            <PickField
              class="max-w-56"
              label="Shipping is taxed as"
              :model-value="rules.shipping_tax_class ?? NO_TAX"
              :choices="shippingClasses"
              @update:model-value="(name) => change({ shipping_tax_class: name === NO_TAX ? null : name })"
            />
            <p v-if="trial?.tax_sentence" class="text-sm text-pencil">{{ trial.tax_sentence }}</p>
          </div>
        </LedgerRow>
        <LedgerRow title="Kept back">
          <div class="grid gap-4 sm:grid-cols-[9rem_9rem]">
            <TextField
              label="Percent"
              inputmode="decimal"
              :model-value="rules.payment_fee.percent"
              :error="errorAt('payment_fee.percent')"
              @update:model-value="(percent) => rules && change({ payment_fee: { ...rules.payment_fee, percent } })"
            />
            <TextField
              :label="`and ${session.shop?.currency}`"
              inputmode="decimal"
              :model-value="rules.payment_fee.fixed"
              :error="errorAt('payment_fee.fixed')"
              @update:model-value="(fixed) => rules && change({ payment_fee: { ...rules.payment_fee, fixed } })"
            />
          </div>
          <p class="mt-2 text-sm text-pencil">
            What the payment provider keeps of each payment. {{ trial?.fee_sentence }}
          </p>
        </LedgerRow>
        <LedgerRow title="At home">
          <div class="grid gap-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <CountryField v-model="homeCountry" label="Country" />
            <TextField
              v-if="mayChangeCurrency"
              v-model="currency"
              label="Currency (ISO 4217)"
              is-mono
              :error="sentenceAt(refusal, 'currency')"
              note="It stays once something has a price."
            />
            <div v-else>
              <span class="mb-1 block font-medium">Currency</span>
              <p class="py-2">{{ currency }}, for good: goods are priced in it.</p>
            </div>
            <TextField
              label="Clock (IANA time zone)"
              :model-value="rules.timezone"
              :error="errorAt('timezone')"
              note="Sales begin and end by it."
              @update:model-value="(timezone) => change({ timezone })"
            />
          </div>
        </LedgerRow>
        <LedgerRow title="Coupons"><CouponsField /></LedgerRow>
        <LedgerRow title="Checkout"><CheckoutForm @dirty="(is) => (isCheckoutDirty = is)" /></LedgerRow>
        <LedgerRow title="Shopfront"><ShopfrontForm @dirty="(is) => (isShopfrontDirty = is)" /></LedgerRow>
        <LedgerRow title="Names"><NamesForm /></LedgerRow>
      </div>
      <div class="lg:sticky lg:top-4 lg:self-start">
        <SampleBill
          v-model="sample"
          :trial="trial"
          :currency="session.shop?.currency ?? ''"
          :tax-classes="session.shop?.tax_classes ?? []"
        />
      </div>
    </div>
    <div v-if="isDirty" class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
      <RefusalNotice
        class="mx-auto max-w-[80rem] px-5 pt-2.5 sm:px-8"
        :refusal="refusal"
        @insist="saveOver"
        @reload="load"
      />
      <div class="mx-auto flex max-w-[80rem] items-center justify-between gap-4 px-5 py-2.5 sm:px-8">
        <p class="text-sm" :class="wrongCount > 0 ? 'text-wrong' : 'text-pencil'">
          {{
            wrongCount === 0
              ? 'Changed, not saved yet.'
              : wrongCount === 1
                ? 'One thing is still to be put right.'
                : `${wrongCount} things are still to be put right.`
          }}
        </p>
        <div class="flex gap-3">
          <button type="button" class="side-deed !min-h-10" @click="load">Take it back</button>
          <button type="button" class="deed" :disabled="isWorking || wrongCount > 0" @click="save">
            Save the rules
          </button>
        </div>
      </div>
    </div>
  </div>
</template>
