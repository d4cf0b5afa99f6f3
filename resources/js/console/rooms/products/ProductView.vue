<script setup lang="ts">
import { computed, onMounted } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../lib/client'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import ProductAside from './ProductAside.vue'
import MovedNotice from './MovedNotice.vue'
import OptionsField from './OptionsField.vue'
import PriceTimeline from './PriceTimeline.vue'
import TraitsField from './TraitsField.vue'
import VariantSheet from './VariantSheet.vue'
import RichTextField from '../../kit/RichTextField.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SaveBar from '../../kit/SaveBar.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { toBePutRight } from '../../lib/counts'
import { useFields } from '../../lib/useFields'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useProductForm } from './useProductForm'
import { useSession } from '../../lib/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()
const form = useProductForm(props.id)
const { entry, pictures, check, refusal, isWorking, isTouched, untold, change, errorAt } = form
const { value, field } = useFields(entry, change, errorAt)
const { isAsking, answer } = useLeaveGuard(isTouched)

const title = computed(() => entry.value?.name.trim() || (props.id ? 'Product' : 'New product'))
const isVaried = computed(() => (entry.value?.options.length ?? 0) > 0)
const wrongCount = computed(() => Object.keys(check.value?.errors ?? {}).length)
/** Of a new product only after trying to save: until then what is missing is what is still to be typed. */
const isToldWrong = computed(() => wrongCount.value > 0 && (refusal.value !== null || props.id !== undefined))
const note = computed(() => {
  if (isToldWrong.value) return toBePutRight(wrongCount.value)
  if (isTouched.value) return 'Changed, not saved yet.'
  return props.id ? 'All is saved.' : 'A name, a SKU and a price are enough.'
})
const taxClasses = computed(() => (session.shop?.tax_classes ?? []).map((value) => ({ value, label: value })))
const units: { value: Schemas['WeightUnit']; label: string }[] = [
  { value: 'g', label: 'g' },
  { value: 'kg', label: 'kg' },
  { value: 'oz', label: 'oz' },
  { value: 'lb', label: 'lb' },
]

const kinds = computed(() => (session.lists?.product_kinds ?? []).map(({ value, label }) => ({ value, label })))
const kind = computed(() => session.lists?.product_kinds.find(({ value }) => value === entry.value?.kind))

/** Whether the kind has a part of the form, or something is wrong in it that must be seen. */
function has(part: Schemas['ProductPart']): boolean {
  return kind.value?.parts.includes(part) === true || check.value?.wrong_parts.includes(part) === true
}

onMounted(form.load)

async function save(): Promise<void> {
  await leaveOnce(form.save())
}

async function leaveOnce(saved: Promise<boolean>): Promise<void> {
  if (!(await saved)) return
  await session.reload()
  // Whoever has booked the date that was moved is to be told: the form stays and asks.
  if (untold.value > 0) await form.load()
  else await leave()
}

/** Leaves without being asked: all is saved, or is not wanted. */
async function leave(): Promise<void> {
  form.forget()
  await router.push({ name: 'products', params: { shop: session.slug } })
}
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <form v-if="entry" class="pt-6 pb-24" novalidate @submit.prevent="save">
    <h1 class="sentence mb-5 text-3xl font-semibold" dir="auto">{{ title }}</h1>
    <div class="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_17rem]">
      <div class="min-w-0">
        <LedgerRow title="Called">
          <div class="grid gap-4 md:grid-cols-[minmax(0,1fr)_13rem]">
            <TextField v-bind="field('name')" label="Name" />
            <TextField v-bind="field('sku')" label="SKU" is-mono note="How links name it." />
            <div class="md:col-span-2">
              <SegmentedChoice v-bind="value('kind')" label="Kind" :choices="kinds" />
              <p class="mt-1 text-sm text-pencil">
                {{ kind?.note }}<template v-if="check?.unused"> {{ check.unused }}</template>
              </p>
            </div>
            <div class="md:col-span-2">
              <SwitchField
                :model-value="!entry.is_draft"
                label="For sale"
                @update:model-value="(isForSale) => change({ is_draft: !isForSale })"
              />
              <p v-if="entry.is_draft" class="mt-1 text-sm text-pencil">
                A draft: shoppers don’t see it, and no offer of it can go live.
              </p>
            </div>
          </div>
        </LedgerRow>

        <LedgerRow title="Sells for">
          <div
            class="grid gap-4"
            :class="
              kind?.is_given ? 'sm:grid-cols-[12rem]' : 'sm:grid-cols-[7rem_7rem_minmax(0,14.5rem)_minmax(0,14.5rem)]'
            "
          >
            <TextField
              v-bind="field('price')"
              :label="`${kind?.is_given ? 'Usual amount' : 'Price'}, ${session.shop?.currency}`"
              inputmode="decimal"
              :note="check?.price_shown ? `Shoppers see ${check.price_shown}.` : 'Such as 9.80.'"
            />
            <TextField
              v-if="has('sale')"
              v-bind="field('sale_price')"
              label="On sale"
              inputmode="decimal"
              note="Blank: no sale."
            />
            <template v-if="has('sale') && entry.sale_price !== ''">
              <TextField v-bind="field('sale_from')" label="From" type="datetime-local" note="The shop’s clock." />
              <TextField v-bind="field('sale_until')" label="Up to" type="datetime-local" />
            </template>
          </div>
          <PriceTimeline v-if="has('sale') && check && check.timeline.length > 1" :stretches="check.timeline" />
        </LedgerRow>

        <LedgerRow v-if="has('amounts')" title="Amounts">
          <div class="grid gap-4 sm:grid-cols-[8rem_8rem_minmax(0,1fr)]">
            <TextField v-bind="field('least')" label="Least" inputmode="decimal" note="Blank: anything." />
            <TextField v-bind="field('most')" label="Most" inputmode="decimal" />
            <TextField
              v-bind="field('suggested')"
              label="Suggested amounts"
              note="With commas between them, such as 5, 10, 25."
            />
          </div>
        </LedgerRow>

        <LedgerRow v-if="has('dates')" title="Date and place">
          <div class="grid gap-4 sm:grid-cols-[minmax(0,14.5rem)_minmax(0,14.5rem)_minmax(0,1fr)]">
            <TextField
              v-bind="field('begins')"
              label="Begins"
              type="datetime-local"
              note="The shop’s clock. Blank: its variants say, or no date."
            />
            <TextField v-bind="field('ends')" label="Ends" type="datetime-local" />
            <TextField v-bind="field('place')" label="Place" note="Where shoppers are to come." />
          </div>
          <SwitchField v-bind="value('asks_attendees')" class="mt-4" label="Ask who comes, a name for each seat" />
          <MovedNotice v-if="untold > 0" class="mt-4" :count="untold" :is-working="isWorking" @tell="form.tell" />
        </LedgerRow>

        <LedgerRow v-if="has('variants')" title="Comes in">
          <OptionsField v-bind="value('options')" :error-at="errorAt" :currency="session.shop?.currency ?? ''" />
          <VariantSheet
            v-if="isVaried"
            v-bind="value('variants')"
            class="mt-4"
            :combinations="check?.combinations ?? []"
            :options="entry.options"
            :pictures="pictures"
            :error-at="errorAt"
            :parts="kind?.parts ?? []"
          />
        </LedgerRow>

        <LedgerRow v-if="has('stock')" :title="has('dates') ? 'Seats' : 'On the shelf'">
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
              <TextField v-bind="field('low_stock')" label="Low at" inputmode="numeric" note="Then it is marked." />
              <SwitchField
                v-bind="value('allows_back_order')"
                class="self-center sm:col-span-2 sm:col-start-auto"
                label="Sell on when none is left"
              />
            </div>
          </div>
        </LedgerRow>

        <LedgerRow v-if="has('shipping')" title="Sent as">
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
        </LedgerRow>

        <LedgerRow v-if="has('tax')" title="In the books">
          <div class="grid gap-4 sm:grid-cols-[9rem_12rem]">
            <TextField
              v-bind="field('cost')"
              label="Costs you"
              inputmode="decimal"
              note="For the profit, seen by you alone."
            />
            <PickField v-bind="value('tax_class')" label="Tax class" :choices="taxClasses" />
          </div>
        </LedgerRow>

        <LedgerRow title="Told">
          <div class="grid gap-5">
            <TextField
              v-if="has('thanks')"
              v-bind="field('thanks')"
              label="Words of thanks"
              note="On the thank-you page and in the mail, to whoever has given."
            />
            <RichTextField v-bind="field('summary')" label="In short" />
            <RichTextField v-bind="field('description')" label="At length" />
            <TraitsField v-bind="value('traits')" :known="session.shop?.traits ?? []" :error-at="errorAt" />
          </div>
        </LedgerRow>
      </div>

      <ProductAside :form="form" :own="id ?? null" />
    </div>

    <SaveBar
      :note="note"
      :is-wrong="isToldWrong"
      :refusal="refusal"
      @insist="(version) => leaveOnce(form.saveOver(version))"
      @reload="form.load"
    >
      <button type="button" class="side-deed !min-h-10" @click="leave">Leave it</button>
      <button type="submit" class="deed" :disabled="isWorking">Save</button>
    </SaveBar>
  </form>
  <p v-else-if="refusal" class="py-8 text-wrong" role="alert">{{ refusal.message }}</p>
</template>
