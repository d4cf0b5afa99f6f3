<script setup lang="ts">
import { until, useTimeoutFn } from '@vueuse/core'
import { computed, nextTick, onMounted, reactive, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { sentenceAt, type Schemas } from '../../lib/client'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import FoldedRow from '../../kit/FoldedRow.vue'
import CountryField from '../../kit/CountryField.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import CheckoutForm from './CheckoutForm.vue'
import CouponsField from './CouponsField.vue'
import NamesForm from './NamesForm.vue'
import PayeeForm from './PayeeForm.vue'
import PartsList from './PartsList.vue'
import SampleBill from './SampleBill.vue'
import ShopfrontForm from './ShopfrontForm.vue'
import TaxFields from './TaxFields.vue'
import ZonesField from './ZonesField.vue'
import SaveBar from '../../kit/SaveBar.vue'
import TextField from '../../kit/TextField.vue'
import { toBePutRight } from '../../lib/counts'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useRules } from './useRules'
import { useJoined, useSavedTogether } from './savedTogether'
import { useSession } from '../../lib/session'

const session = useSession()
const route = useRoute()
const page = useSavedTogether()
const { isDirty, isWorking, wasKept, canTakeBack, canRedo, takeBack, redo, save, reload } = page
const joined = useJoined(page)
const ruled = useRules(joined.options)
const {
  rules,
  homeCountry,
  currency,
  mayChangeCurrency,
  sample,
  trial,
  isTried,
  refusal,
  mine,
  errorAt,
  saveOver,
  load,
} = ruled
joined.join({ draft: ruled.draft, save: ruled.save, reload: ruled.reload })
const { isAsking, answer } = useLeaveGuard(isDirty)
/** What is set in the parts that are shut, in a line each. */
const said = reactive({ coupons: '', checkout: '', shopfront: '', names: '' })
/** Each part comes by itself: shown one by one they would move what stands below from under the pointer. */
const LONGEST_WAIT_MS = 1_500
const isShown = ref(false)
const show = (): void => void (isShown.value = true)
useTimeoutFn(show, LONGEST_WAIT_MS)
watch(
  () => isTried.value && Object.values(said).every((line) => line !== ''),
  (isWhole) => isWhole && show(),
)
const wrongCount = computed(() => Object.keys(trial.value?.errors ?? {}).length)
const note = computed(() => {
  if (!isDirty.value) return 'All is saved.'
  return wrongCount.value === 0 ? 'Changed, not saved yet.' : toBePutRight(wrongCount.value)
})

onMounted(async () => {
  await load()
  await until(isShown).toBe(true)
  await goTo(route.hash.slice(1))
})

/** A finding leads to the part that mends it, and so does the list beside. */
async function goTo(id: string): Promise<void> {
  await nextTick()
  const part = document.getElementById(id)
  part?.scrollIntoView()
  part?.querySelector<HTMLElement>('button, input')?.focus({ preventScroll: true })
}

watch(
  () => route.hash,
  (hash) => goTo(hash.slice(1)),
)

function change(part: Partial<Schemas['ShopRules']>): void {
  if (rules.value) rules.value = { ...rules.value, ...part }
}
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <div class="pt-6 pb-24">
    <h1 class="sentence mb-5 text-3xl font-semibold">Shop</h1>
    <KeptNotice :is-shown="wasKept" @drop="reload" />
    <p v-if="refusal && !rules" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <div v-if="rules" v-show="isShown" class="grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <div class="min-w-0">
        <LedgerRow id="payee" title="Payments go to"><PayeeForm /></LedgerRow>
        <LedgerRow id="shipping" title="Shipping" help="shipping">
          <ZonesField
            :model-value="rules.zones"
            :charts="trial?.charts ?? []"
            :error-at="errorAt"
            :home="homeCountry"
            @update:model-value="(zones) => change({ zones })"
          />
        </LedgerRow>
        <LedgerRow id="tax" title="Tax" help="tax">
          <TaxFields :rules="rules" :trial="trial" :error-at="errorAt" :home="homeCountry" @change="change" />
        </LedgerRow>
        <LedgerRow id="country" title="Country and currency">
          <div class="grid gap-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <CountryField v-model="homeCountry" label="Country" />
            <TextField
              v-if="mayChangeCurrency"
              v-model="currency"
              label="Currency code"
              is-mono
              :error="sentenceAt(refusal, 'currency')"
              note="It stays once something has a price."
            />
            <div v-else>
              <span class="mb-1 block font-medium">Currency</span>
              <p class="py-2">{{ currency }}, for good: goods are priced in it.</p>
            </div>
            <TextField
              label="Time zone"
              :model-value="rules.timezone"
              :error="errorAt('timezone')"
              note="Such as Europe/Dublin. Sales begin and end by it."
              @update:model-value="(timezone) => change({ timezone })"
            />
          </div>
        </LedgerRow>
        <FoldedRow
          id="fee"
          help="fee"
          title="Provider’s fee"
          :said="trial?.fee_sentence || 'What the payment provider keeps: nothing.'"
          :opens="
            route.hash === '#fee' ||
            errorAt('payment_fee.percent') !== undefined ||
            errorAt('payment_fee.fixed') !== undefined
          "
        >
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
        </FoldedRow>
        <FoldedRow id="coupons" help="coupons" title="Coupons" :said="said.coupons" :opens="route.hash === '#coupons'">
          <CouponsField @said="(line) => (said.coupons = line)" />
        </FoldedRow>
        <FoldedRow
          id="checkout"
          help="checkout"
          title="Checkout"
          :said="said.checkout"
          :opens="route.hash === '#checkout'"
        >
          <CheckoutForm @said="(line) => (said.checkout = line)" />
        </FoldedRow>
        <FoldedRow
          id="shopfront"
          help="shopfront"
          title="Shopfront"
          :said="said.shopfront"
          :opens="route.hash === '#shopfront'"
        >
          <ShopfrontForm @said="(line) => (said.shopfront = line)" />
        </FoldedRow>
        <FoldedRow id="names" help="names" title="Names" :said="said.names" :opens="route.hash === '#names'">
          <NamesForm @said="(line) => (said.names = line)" />
        </FoldedRow>
      </div>
      <div class="lg:sticky lg:top-4 lg:self-start">
        <PartsList class="mb-6 max-lg:hidden" />
        <SampleBill
          v-model="sample"
          :trial="trial"
          :currency="session.shop?.currency ?? ''"
          :tax-classes="session.shop?.tax_classes ?? []"
        />
      </div>
    </div>
    <SaveBar
      :note="note"
      :is-wrong="wrongCount > 0"
      :refusal="refusal"
      :mine="mine"
      @insist="saveOver"
      @settle="(form, version) => saveOver(version, form)"
      @reload="ruled.reload"
    >
      <UndoButtons :can-take-back="canTakeBack" :can-redo="canRedo" @take-back="takeBack" @redo="redo" />
      <FormHistory kind="rules" title="History of shipping, tax, country and fee" @restore="ruled.restore" />
      <button v-if="isDirty" type="button" class="side-deed !min-h-10" @click="reload">Discard</button>
      <button type="button" class="deed" :disabled="isWorking || !isDirty" @click="save">Save</button>
    </SaveBar>
  </div>
</template>
