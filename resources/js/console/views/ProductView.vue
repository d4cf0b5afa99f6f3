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
import RichTextField from '../components/RichTextField.vue'
import SwitchField from '../components/SwitchField.vue'
import TagField from '../components/TagField.vue'
import TextField from '../components/TextField.vue'
import { useLeaveGuard } from '../composables/useLeaveGuard'
import { useProductForm } from '../composables/useProductForm'
import { useSession } from '../stores/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()
const form = useProductForm(props.id)
const { entry, pictures, addOns, check, refusal, isLoaded, isWorking, isTouched, change, errorAt } = form
const { isAsking, answer } = useLeaveGuard(isTouched)

const title = computed(() => entry.value.name.trim() || (props.id ? 'Product' : 'New product'))
const isVaried = computed(() => entry.value.options.length > 0)
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
  if (await form.save()) {
    await session.reload()
    await leave()
  }
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
  <form v-if="isLoaded" class="pt-6 pb-24" novalidate @submit.prevent="save">
    <h1 class="sentence mb-5 text-3xl font-semibold" dir="auto">{{ title }}</h1>
    <p v-if="refusal && !refusal.errors" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <div class="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_17rem]">
      <div class="min-w-0">
        <LedgerRow title="Called">
          <div class="grid gap-4 md:grid-cols-[minmax(0,1fr)_13rem]">
            <TextField
              :model-value="entry.name"
              label="Name"
              :error="errorAt('name')"
              @update:model-value="(name) => change({ name })"
            />
            <TextField
              :model-value="entry.sku"
              label="SKU"
              is-mono
              :error="errorAt('sku')"
              note="How links name it."
              @update:model-value="(sku) => change({ sku })"
            />
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
              :model-value="entry.price"
              :label="`Price, ${session.shop?.currency}`"
              inputmode="decimal"
              :error="errorAt('price')"
              :note="check?.price_shown ? `Shoppers see ${check.price_shown}.` : 'Such as 9.80.'"
              @update:model-value="(price) => change({ price })"
            />
            <TextField
              :model-value="entry.sale_price"
              label="On sale"
              inputmode="decimal"
              :error="errorAt('sale_price')"
              note="Blank: no sale."
              @update:model-value="(sale_price) => change({ sale_price })"
            />
            <template v-if="entry.sale_price !== ''">
              <TextField
                :model-value="entry.sale_from"
                label="From"
                type="datetime-local"
                :error="errorAt('sale_from')"
                note="The shop’s clock."
                @update:model-value="(sale_from) => change({ sale_from })"
              />
              <TextField
                :model-value="entry.sale_until"
                label="Up to"
                type="datetime-local"
                :error="errorAt('sale_until')"
                @update:model-value="(sale_until) => change({ sale_until })"
              />
            </template>
          </div>
          <PriceTimeline v-if="check && check.timeline.length > 1" :stretches="check.timeline" />
        </LedgerRow>

        <LedgerRow title="Comes in">
          <OptionsField
            :model-value="entry.options"
            :error-at="errorAt"
            :currency="session.shop?.currency ?? ''"
            @update:model-value="(options) => change({ options })"
          />
          <VariantSheet
            v-if="isVaried"
            class="mt-4"
            :model-value="entry.variants"
            :combinations="check?.combinations ?? []"
            :options="entry.options"
            :pictures="pictures"
            :error-at="errorAt"
            @update:model-value="(variants) => change({ variants })"
          />
        </LedgerRow>

        <LedgerRow title="On the shelf">
          <div class="grid gap-4">
            <SwitchField
              v-if="!isVaried"
              :model-value="entry.tracks_stock"
              label="Count the stock"
              @update:model-value="(tracks_stock) => change({ tracks_stock })"
            />
            <div v-if="entry.tracks_stock || isVaried" class="grid gap-4 sm:grid-cols-[9rem_9rem_minmax(0,1fr)]">
              <TextField
                v-if="!isVaried"
                :model-value="entry.stock"
                label="Pieces in stock"
                inputmode="numeric"
                :error="errorAt('stock')"
                @update:model-value="(stock) => change({ stock })"
              />
              <TextField
                :model-value="entry.low_stock"
                label="Low at"
                inputmode="numeric"
                :error="errorAt('low_stock')"
                note="Then it is marked."
                @update:model-value="(low_stock) => change({ low_stock })"
              />
              <SwitchField
                class="self-center sm:col-span-2 sm:col-start-auto"
                :model-value="entry.allows_back_order"
                label="Sell on when none is left"
                @update:model-value="(allows_back_order) => change({ allows_back_order })"
              />
            </div>
          </div>
        </LedgerRow>

        <LedgerRow title="Sent as">
          <div class="grid gap-4 sm:grid-cols-[8rem_6rem_minmax(0,1fr)_minmax(0,1fr)]">
            <TextField
              :model-value="entry.weight"
              label="Weight"
              inputmode="decimal"
              :error="errorAt('weight')"
              @update:model-value="(weight) => change({ weight })"
            />
            <PickField
              label="Unit"
              :model-value="entry.weight_unit"
              :choices="units"
              @update:model-value="(weight_unit) => change({ weight_unit })"
            />
            <TextField
              :model-value="entry.shipping_first"
              label="Own fee, first piece"
              inputmode="decimal"
              :error="errorAt('shipping_first')"
              note="Counts where a zone has no table."
              @update:model-value="(shipping_first) => change({ shipping_first })"
            />
            <TextField
              :model-value="entry.shipping_more"
              label="Each further piece"
              inputmode="decimal"
              :error="errorAt('shipping_more')"
              @update:model-value="(shipping_more) => change({ shipping_more })"
            />
          </div>
        </LedgerRow>

        <LedgerRow title="In the books">
          <div class="grid gap-4 sm:grid-cols-[9rem_12rem]">
            <TextField
              :model-value="entry.cost"
              label="Costs you"
              inputmode="decimal"
              :error="errorAt('cost')"
              note="For the profit, seen by you alone."
              @update:model-value="(cost) => change({ cost })"
            />
            <PickField
              label="Tax class"
              :model-value="entry.tax_class"
              :choices="taxClasses"
              @update:model-value="(tax_class) => change({ tax_class })"
            />
          </div>
        </LedgerRow>

        <LedgerRow title="Told">
          <div class="grid gap-5">
            <RichTextField
              :model-value="entry.summary"
              label="In short"
              @update:model-value="(summary) => change({ summary })"
            />
            <RichTextField
              :model-value="entry.description"
              label="At length"
              @update:model-value="(description) => change({ description })"
            />
            <TraitsField
              :model-value="entry.traits"
              :known="session.shop?.trait_names ?? []"
              :error-at="errorAt"
              @update:model-value="(traits) => change({ traits })"
            />
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
              <DrawingPicker
                :model-value="entry.picture"
                :error="errorAt('picture')"
                @update:model-value="(picture) => change({ picture })"
              />
            </DisclosurePanel>
          </Disclosure>
        </section>
        <TagField
          :model-value="entry.categories"
          label="Found under"
          :known="session.shop?.categories ?? []"
          :error="errorAt('categories')"
          note="Type a new category, and it is made."
          @update:model-value="(categories) => change({ categories })"
        />
        <section>
          <h2 class="small-title mb-2">Buttons in the shop</h2>
          <ButtonsField
            :model-value="entry.buttons"
            :error-at="errorAt"
            @update:model-value="(buttons) => change({ buttons })"
          />
        </section>
        <section>
          <h2 class="small-title mb-2">Goes well with</h2>
          <AddOnsField v-model="addOns" :own="id ?? null" @update:model-value="change({})" />
        </section>
      </aside>
    </div>

    <div class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
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
