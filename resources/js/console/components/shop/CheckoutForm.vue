<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../../shared/client'
import { useSession } from '../../stores/session'
import PickField from '../PickField.vue'
import RichTextField from '../RichTextField.vue'
import TagField from '../TagField.vue'
import TextField from '../TextField.vue'

type Demand = Schemas['Demand']

/** How the checkout asks, which texts it names, and where it leads. */
const emit = defineEmits<{ dirty: [is: boolean] }>()
const session = useSession()
const rules = ref<Schemas['CheckoutRules'] | null>(null)
const saved = ref('')
const refusal = ref<Refusal | null>(null)
const wasSaved = ref(false)
const demands: Record<Demand, string> = { off: 'not asked', optional: 'if they like', required: 'must be given' }
const places: { value: Schemas['CouponPlace']; label: string }[] = [
  { value: 'both', label: 'in cart and checkout' },
  { value: 'cart', label: 'in the cart' },
  { value: 'checkout', label: 'in the checkout' },
  { value: 'nowhere', label: 'nowhere' },
]
const isDirty = computed(() => rules.value !== null && JSON.stringify(rules.value) !== saved.value)
const missing = computed(() =>
  [rules.value?.terms === '' ? 'terms' : '', rules.value?.policy === '' ? 'returns and privacy policy' : ''].filter(
    (name) => name !== '',
  ),
)

function take(data: Schemas['CheckoutRules']): void {
  rules.value = data
  saved.value = JSON.stringify(data)
}

function demand(name: string, wanted: Demand): void {
  if (!rules.value) return
  rules.value = {
    ...rules.value,
    fields: rules.value.fields.map((field) => (field.name === name ? { ...field, demand: wanted } : field)),
  }
  noteChange()
}

function change(part: Partial<Schemas['CheckoutRules']>): void {
  if (rules.value) rules.value = { ...rules.value, ...part }
  noteChange()
}

function noteChange(): void {
  wasSaved.value = false
  emit('dirty', isDirty.value)
}

function demandOf(name: string): Demand {
  return rules.value?.fields.find((field) => field.name === name)?.demand ?? 'off'
}

async function save(): Promise<void> {
  if (!rules.value) return
  const { coupon_place, terms, policy, hosts, after_paying, after_cancelling } = rules.value
  const { data, refusal: refused } = await outcome(
    api.PUT('/shops/{shop}/checkout', {
      params: { path: { shop: session.slug } },
      body: {
        company: demandOf('company'),
        postcode: demandOf('postcode'),
        phone: demandOf('phone'),
        comment: demandOf('comment'),
        coupon_place,
        terms,
        policy,
        hosts,
        after_paying,
        after_cancelling,
      },
    }),
  )
  refusal.value = refused ?? null
  if (!data) return
  take(data)
  wasSaved.value = true
  emit('dirty', false)
}

onMounted(async () => {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/checkout', { params: { path: { shop: session.slug } } }),
  )
  refusal.value = refused ?? null
  if (data) take(data)
})
</script>

<template>
  <form v-if="rules" class="grid gap-5" novalidate @submit.prevent="save">
    <ul class="grid gap-x-8 md:grid-cols-2">
      <li
        v-for="field in rules.fields"
        :key="field.name"
        class="flex items-center justify-between gap-4 border-b border-rule py-1.5"
      >
        <span>{{ field.label }}</span>
        <span v-if="field.allowed.length === 1" class="text-sm text-pencil">{{ field.locked_because }}</span>
        <PickField
          v-else
          class="w-40 [&_label]:sr-only"
          :label="field.label"
          :model-value="field.demand"
          :choices="field.allowed.map((value) => ({ value, label: demands[value] }))"
          @update:model-value="(wanted: Demand) => demand(field.name, wanted)"
        />
      </li>
    </ul>
    <PickField
      class="max-w-64"
      label="Coupons are entered"
      :model-value="rules.coupon_place"
      :choices="places"
      @update:model-value="(coupon_place) => change({ coupon_place })"
    />
    <RichTextField label="Terms" :model-value="rules.terms" @update:model-value="(terms) => change({ terms })" />
    <RichTextField
      label="Returns and privacy"
      :model-value="rules.policy"
      @update:model-value="(policy) => change({ policy })"
    />
    <p v-if="missing.length > 0" class="text-sm text-amber">
      The checkout names no {{ missing.join(' and no ') }}. Most places ask a shop for both.
    </p>
    <div class="grid gap-4 md:grid-cols-2">
      <TextField
        :model-value="rules.after_paying"
        label="After paying, on to"
        note="Blank: our thank-you page."
        :error="sentenceAt(refusal, 'after_paying')"
        @update:model-value="(after_paying) => change({ after_paying })"
      />
      <TextField
        :model-value="rules.after_cancelling"
        label="After leaving the payment, on to"
        note="Blank: our page, which keeps the cart."
        :error="sentenceAt(refusal, 'after_cancelling')"
        @update:model-value="(after_cancelling) => change({ after_cancelling })"
      />
    </div>
    <TagField
      label="Hosts that shoppers may be led to"
      :known="[]"
      :model-value="rules.hosts"
      :error="sentenceAt(refusal, 'hosts')"
      note="Such as www.fern.example. No link leads anywhere else."
      @update:model-value="(hosts: string[]) => change({ hosts })"
    />
    <p v-if="refusal && !refusal.errors" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <div class="flex items-center gap-4">
      <button type="submit" class="deed" :disabled="!isDirty">Save the checkout</button>
      <span v-if="wasSaved" class="text-good" role="status">Saved.</span>
    </div>
  </form>
  <p v-else-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
</template>
