<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, onMounted } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../shared/client'
import DrawingPicker from '../components/DrawingPicker.vue'
import LeaveDialog from '../components/LeaveDialog.vue'
import LedgerRow from '../components/LedgerRow.vue'
import PickField from '../components/PickField.vue'
import AddOnsField from '../components/product/AddOnsField.vue'
import ButtonsField from '../components/product/ButtonsField.vue'
import OptionsField from '../components/product/OptionsField.vue'
import PicturesField from '../components/product/PicturesField.vue'
import PriceTimeline from '../components/product/PriceTimeline.vue'
import TraitsField from '../components/product/TraitsField.vue'
import VariantSheet from '../components/product/VariantSheet.vue'
import RefusalNotice from '../components/RefusalNotice.vue'
import RichTextField from '../components/RichTextField.vue'
import SwitchField from '../components/SwitchField.vue'
import TagField from '../components/TagField.vue'
import TextField from '../components/TextField.vue'
import { useFields } from '../composables/useFields'
import { useLeaveGuard } from '../composables/useLeaveGuard'
import { useProductForm } from '../composables/useProductForm'
import { useSession } from '../stores/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()
const form = useProductForm(props.id)
const { entry, pictures, addOns, check, refusal, isWorking, isTouched, change, errorAt } = form
const { value, field } = useFields(entry, change, errorAt)
const { isAsking, answer } = useLeaveGuard(isTouched)

const title = computed(() => entry.value?.name.trim() || (props.id ? 'Product' : 'New product'))
const isVaried = computed(() => (entry.value?.options.length ?? 0) > 0)
const wrongCount = computed(() => Object.keys(check.value?.errors ?? {}).length)
const taxClasses = computed(() => (session.shop?.tax_classes ?? []).map((value) => ({ value, label: value })))
const units: { value: Schemas['WeightUnit']; label: string }[] = [
  { value: 'g', label: 'g' },
  { value: 'kg', label: 'kg' },
  { value: 'oz', label: 'oz' },
  { value: 'lb', label: 'lb' },
]

onMounted(form.load)

async function save(): Promise<void> {
  await leaveOnce(form.save())
}

async function leaveOnce(saved: Promise<boolean>): Promise<void> {
  if (!(await saved)) return
  await session.reload()
  await leave()
}

/** Leaves without being asked: all is saved, or is not wanted. */
async function leave(): Promise<void> {
  form.forget()
  await router.push({ name: 'products', params: { shop: session.slug } })
}

function movePictures(moved: Schemas['Picture'][]): void {
  pictures.value = moved
  change({})
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
          <div class="grid gap-4 sm:grid-cols-[7rem_7rem_minmax(0,14.5rem)_minmax(0,14.5rem)]">
            <TextField
              v-bind="field('price')"
              :label="`Price, ${session.shop?.currency}`"
              inputmode="decimal"
              :note="check?.price_shown ? `Shoppers see ${check.price_shown}.` : 'Such as 9.80.'"
            />
            <TextField v-bind="field('sale_price')" label="On sale" inputmode="decimal" note="Blank: no sale." />
            <template v-if="entry.sale_price !== ''">
              <TextField v-bind="field('sale_from')" label="From" type="datetime-local" note="The shop’s clock." />
              <TextField v-bind="field('sale_until')" label="Up to" type="datetime-local" />
            </template>
          </div>
          <PriceTimeline v-if="check && check.timeline.length > 1" :stretches="check.timeline" />
        </LedgerRow>

        <LedgerRow title="Comes in">
          <OptionsField v-bind="value('options')" :error-at="errorAt" :currency="session.shop?.currency ?? ''" />
          <VariantSheet
            v-if="isVaried"
            v-bind="value('variants')"
            class="mt-4"
            :combinations="check?.combinations ?? []"
            :options="entry.options"
            :pictures="pictures"
            :error-at="errorAt"
          />
        </LedgerRow>

        <LedgerRow title="On the shelf">
          <div class="grid gap-4">
            <SwitchField v-if="!isVaried" v-bind="value('tracks_stock')" label="Count the stock" />
            <div v-if="entry.tracks_stock || isVaried" class="grid gap-4 sm:grid-cols-[9rem_9rem_minmax(0,1fr)]">
              <TextField v-if="!isVaried" v-bind="field('stock')" label="Pieces in stock" inputmode="numeric" />
              <TextField v-bind="field('low_stock')" label="Low at" inputmode="numeric" note="Then it is marked." />
              <SwitchField
                v-bind="value('allows_back_order')"
                class="self-center sm:col-span-2 sm:col-start-auto"
                label="Sell on when none is left"
              />
            </div>
          </div>
        </LedgerRow>

        <LedgerRow title="Sent as">
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

        <LedgerRow title="In the books">
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
            <RichTextField v-bind="field('summary')" label="In short" />
            <RichTextField v-bind="field('description')" label="At length" />
            <TraitsField v-bind="value('traits')" :known="session.shop?.traits ?? []" :error-at="errorAt" />
          </div>
        </LedgerRow>
      </div>

      <aside class="grid content-start gap-6">
        <section>
          <h2 class="small-title mb-2">Pictures</h2>
          <PicturesField :model-value="pictures" @update:model-value="movePictures" />
          <Disclosure v-slot="{ open }" :default-open="pictures.length === 0" as="div" class="mt-3">
            <DisclosureButton class="follow min-h-8"
              >{{ open ? 'Close the drawings' : 'Take one of our drawings instead' }}
            </DisclosureButton>
            <DisclosurePanel>
              <DrawingPicker v-bind="field('picture')" />
            </DisclosurePanel>
          </Disclosure>
        </section>
        <TagField
          v-bind="field('categories')"
          label="Found under"
          :known="session.shop?.categories ?? []"
          note="Type a new category, and it is made."
        />
        <section>
          <h2 class="small-title mb-2">Buttons in the shop</h2>
          <ButtonsField v-bind="value('buttons')" :error-at="errorAt" />
        </section>
        <section>
          <h2 class="small-title mb-2">Goes well with</h2>
          <AddOnsField v-model="addOns" :own="id ?? null" @update:model-value="change({})" />
        </section>
      </aside>
    </div>

    <div class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
      <RefusalNotice
        class="mx-auto max-w-[80rem] px-5 pt-2.5 sm:px-8"
        :refusal="refusal"
        @insist="(version) => leaveOnce(form.saveOver(version))"
        @reload="form.load"
      />
      <div class="mx-auto flex max-w-[80rem] items-center justify-between gap-4 px-5 py-2.5 sm:px-8">
        <p class="text-sm" :class="wrongCount > 0 && (refusal || id) ? 'text-wrong' : 'text-pencil'">
          <template v-if="wrongCount > 0 && (refusal || id)"
            >{{ wrongCount === 1 ? 'One thing is' : `${wrongCount} things are` }} still to be put right.</template
          >
          <template v-else-if="isTouched">Changed, not saved yet.</template>
          <template v-else-if="id">All is saved.</template>
          <template v-else>A name, a SKU and a price are enough.</template>
        </p>
        <div class="flex gap-3">
          <button type="button" class="side-deed !min-h-10" @click="leave">Leave it</button>
          <button type="submit" class="deed" :disabled="isWorking">Save</button>
        </div>
      </div>
    </div>
  </form>
  <p v-else-if="refusal" class="py-8 text-wrong" role="alert">{{ refusal.message }}</p>
</template>
