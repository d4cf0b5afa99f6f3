<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { sentenceAt, type Schemas } from '../../lib/client'
import CountryField from '../../kit/CountryField.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import CheckoutForm from './CheckoutForm.vue'
import CouponsField from './CouponsField.vue'
import NamesForm from './NamesForm.vue'
import PayeeForm from './PayeeForm.vue'
import RatesField from './RatesField.vue'
import SampleBill from './SampleBill.vue'
import ShopfrontForm from './ShopfrontForm.vue'
import ZonesField from './ZonesField.vue'
import SaveBar from '../../kit/SaveBar.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { toBePutRight } from '../../lib/counts'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useRules } from './useRules'
import { useSession } from '../../lib/session'

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
    <h1 class="sentence mb-2 text-3xl font-semibold">Payments, shipping, tax and checkout</h1>
    <p class="mb-5">
      <RouterLink :to="{ name: 'words', params: { shop: session.slug } }" class="follow"
        >Words on pages and in mails</RouterLink
      >
    </p>
    <p v-if="refusal && !rules" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <div v-if="rules" class="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="min-w-0">
        <LedgerRow id="payee" title="Payments go to"><PayeeForm /></LedgerRow>
        <LedgerRow id="shipping" title="Shipping">
          <ZonesField
            :model-value="rules.zones"
            :charts="trial?.charts ?? []"
            :error-at="errorAt"
            :home="homeCountry"
            @update:model-value="(zones) => change({ zones })"
          />
        </LedgerRow>
        <LedgerRow id="tax" title="Tax">
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
        <LedgerRow title="Payment provider’s fee">
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
        <LedgerRow title="Country and currency">
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
        <LedgerRow id="checkout" title="Checkout"><CheckoutForm @dirty="(is) => (isCheckoutDirty = is)" /></LedgerRow>
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
    <SaveBar
      v-if="isDirty"
      :note="wrongCount === 0 ? 'Changed, not saved yet.' : toBePutRight(wrongCount)"
      :is-wrong="wrongCount > 0"
      :refusal="refusal"
      @insist="saveOver"
      @reload="load"
    >
      <button type="button" class="side-deed !min-h-10" @click="load">Undo</button>
      <button type="button" class="deed" :disabled="isWorking || wrongCount > 0" @click="save">Save the rules</button>
    </SaveBar>
  </div>
</template>
