<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, type Schemas } from '../../lib/client'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import FoldedRow from '../../kit/FoldedRow.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import ProductAside from './ProductAside.vue'
import ProductBasics from './ProductBasics.vue'
import ProductAddresses from './ProductAddresses.vue'
import ProductFiles from './ProductFiles.vue'
import ProductGoods from './ProductGoods.vue'
import ProductSale from './ProductSale.vue'
import TraitsField from './TraitsField.vue'
import ProductVariants from './ProductVariants.vue'
import RichTextField from '../../kit/RichTextField.vue'
import SaveBar from '../../kit/SaveBar.vue'
import TextField from '../../kit/TextField.vue'
import { toBePutRight } from '../../lib/counts'
import { useDeleting } from '../../lib/deleting'
import { useOwnAddress } from '../../lib/ownAddress'
import { useFields } from '../../lib/useFields'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { saidOf } from './saidOf'
import { useProductForm } from './useProductForm'
import { useProductKind } from './useProductKind'
import { useSession } from '../../lib/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()
const goOnAt = useOwnAddress()
const isNew = props.id === undefined
const form = useProductForm(props.id)
const { entry, check, refusal, isWorking, untold, filled, draft, change, errorAt } = form
const { isDirty, wasKept, canTakeBack, canRedo } = draft
const { value, field } = useFields(entry, change, errorAt)
const { isAsking, answer } = useLeaveGuard(isDirty)

const title = computed(() => entry.value?.name.trim() || (props.id ? 'Product' : 'New product'))
const wrongCount = computed(() => Object.keys(check.value?.errors ?? {}).length)
/** Of a new product only after trying to save: until then what is missing is what is still to be typed. */
const isToldWrong = computed(() => wrongCount.value > 0 && (refusal.value !== null || props.id !== undefined))
const note = computed(() => {
  if (isToldWrong.value) return toBePutRight(wrongCount.value)
  if (isDirty.value) return 'Changed, not saved yet.'
  return props.id ? 'All is saved.' : 'A name and a price are enough.'
})
const { has } = useProductKind(form)

onMounted(form.load)

const complaint = ref('')
const deleting = useDeleting()

async function duplicate(): Promise<void> {
  if (props.id === undefined) return
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/products/{product}/duplicate', {
      params: { path: { shop: session.slug, product: props.id } },
    }),
  )
  complaint.value = refused ? (Object.values(refused.errors ?? {}).flat()[0] ?? refused.message) : ''
  if (data) await router.push({ name: 'product', params: { shop: session.slug, id: data.id } })
}

async function remove(): Promise<void> {
  if (props.id === undefined) return
  const refused = await deleting.remove('product', props.id, title.value)
  complaint.value = refused?.errors?.is_deleted?.[0] ?? refused?.message ?? ''
  if (!refused) await discard()
}

/** What is typed is not wanted: of it nothing is kept. */
async function discard(): Promise<void> {
  draft.drop()
  await leave()
}

async function reload(): Promise<void> {
  draft.drop()
  await form.load()
}

async function save(): Promise<void> {
  await leaveOnce(form.save())
}

async function leaveOnce(saved: Promise<boolean>): Promise<void> {
  if (!(await saved)) return
  await session.reload()
  // Whoever has typed on while the save was on its way stays.
  if (isDirty.value) return stay()
  // Whoever has booked the date that was moved is to be told: the form stays and asks.
  if (untold.value > 0) await form.load()
  else await leave(isNew ? form.saved.value : null)
}

async function stay(): Promise<void> {
  const made = form.saved.value
  if (props.id === undefined && made) await goOnAt({ name: 'product', params: { shop: session.slug, id: made.id } })
}

/** Leaves without being asked: all is saved. */
async function leave(made: Schemas['ProductForm'] | null = null): Promise<void> {
  await router.push({
    name: 'products',
    params: { shop: session.slug },
    ...(made ? { state: { made: { id: made.id, name: made.entry.name } } } : {}),
  })
}
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <form v-if="entry" class="pt-6 pb-24" novalidate @submit.prevent="save">
    <div class="mb-5 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      <h1 class="sentence min-w-0 text-3xl font-semibold [overflow-wrap:anywhere]" dir="auto">{{ title }}</h1>
      <template v-if="id !== undefined">
        <button type="button" class="follow min-h-8" @click="duplicate">Duplicate</button>
        <button type="button" class="follow min-h-8" @click="remove">Delete</button>
      </template>
    </div>
    <p v-if="complaint" class="mb-4 text-wrong" role="alert">{{ complaint }}</p>
    <KeptNotice :is-shown="wasKept" @drop="reload" />
    <div class="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_17rem]">
      <div class="min-w-0">
        <ProductBasics :form="form" :is-new="id === undefined" />
        <ProductAddresses v-if="has('addresses')" :form="form" />
        <ProductSale :form="form" />
        <ProductFiles v-if="has('files')" :form="form" />

        <ProductVariants v-if="has('variants')" :form="form" />
        <ProductGoods :form="form" />

        <LedgerRow title="Description">
          <div class="grid gap-5">
            <TextField
              v-if="has('thanks')"
              v-bind="field('thanks')"
              label="Words of thanks"
              note="On the thank-you page and in the mail, to whoever has given."
            />
            <RichTextField v-bind="field('summary')" label="Short description" />
            <RichTextField v-bind="field('description')" label="Long description" />
          </div>
        </LedgerRow>

        <FoldedRow
          title="Attributes"
          :said="saidOf.attributes(entry)"
          help="attributes"
          :opens="form.isWrongIn('traits')"
        >
          <TraitsField v-bind="value('traits')" :known="session.shop?.traits ?? []" :error-at="errorAt" />
        </FoldedRow>
      </div>

      <ProductAside :form="form" :own="id ?? null" />
    </div>

    <SaveBar
      :note="note"
      :is-wrong="isToldWrong"
      :refusal="refusal"
      :mine="filled"
      @insist="(version) => leaveOnce(form.saveOver(version))"
      @settle="(chosen, version) => leaveOnce(form.saveOver(version, chosen))"
      @reload="reload"
    >
      <UndoButtons :can-take-back="canTakeBack" :can-redo="canRedo" @take-back="draft.takeBack" @redo="draft.redo" />
      <FormHistory
        v-if="id !== undefined"
        kind="product"
        :subject="id"
        title="History of this product"
        @restore="form.restore"
      />
      <button type="button" class="side-deed !min-h-10" @click="discard">Cancel</button>
      <button type="submit" class="deed" :disabled="isWorking">Save</button>
    </SaveBar>
  </form>
  <p v-else-if="refusal" class="py-8 text-wrong" role="alert">{{ refusal.message }}</p>
</template>
