<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import PickField from '../../kit/PickField.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import RichTextField from '../../kit/RichTextField.vue'
import TagField from '../../kit/TagField.vue'
import TextField from '../../kit/TextField.vue'
import { savesTogether } from './savedTogether'

type Demand = Schemas['Demand']

/** How the checkout asks, which texts it names, and where it leads. */
const emit = defineEmits<{ said: [line: string] }>()
const session = useSession()
const rules = ref<Schemas['CheckoutRules'] | null>(null)
const saved = ref('')
const refusal = ref<Refusal | null>(null)
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
}

function change(part: Partial<Schemas['CheckoutRules']>): void {
  if (rules.value) rules.value = { ...rules.value, ...part }
}

const { value, field } = useFields(rules, change, (at) => sentenceAt(refusal.value, at))

function demandOf(name: string): Demand {
  return rules.value?.fields.find((field) => field.name === name)?.demand ?? 'off'
}

const save = oneAtATime(async (version: number | undefined = rules.value?.version): Promise<boolean> => {
  if (!rules.value) return false
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
        ...(version === undefined ? {} : { version }),
      },
    }),
  )
  refusal.value = refused ?? null
  if (!data) return false
  take(data)
  await session.reload()
  return true
})

async function load(): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/checkout', { params: { path: { shop: session.slug } } }),
  )
  refusal.value = refused ?? null
  if (data) take(data)
}

onMounted(load)
savesTogether({ isDirty, save: () => save(), reload: load })
watch([rules, missing], () =>
  emit('said', missing.value.length > 0 ? `No ${missing.value.join(' and no ')} yet.` : 'Terms and policy are there.'),
)
</script>

<template>
  <form v-if="rules" class="grid gap-5" novalidate @submit.prevent="save()">
    <ul class="grid gap-x-8 md:grid-cols-2">
      <li
        v-for="asked in rules.fields"
        :key="asked.name"
        class="flex items-center justify-between gap-4 border-b border-rule py-1.5"
      >
        <span>{{ asked.label }}</span>
        <span v-if="asked.allowed.length === 1" class="text-sm text-pencil">{{ asked.locked_because }}</span>
        <PickField
          v-else
          class="w-40 [&_label]:sr-only"
          :label="asked.label"
          :model-value="asked.demand"
          :choices="asked.allowed.map((value) => ({ value, label: demands[value] }))"
          @update:model-value="(wanted: Demand) => demand(asked.name, wanted)"
        />
      </li>
    </ul>
    <PickField v-bind="value('coupon_place')" class="max-w-64" label="Coupons are entered" :choices="places" />
    <RichTextField v-bind="field('terms')" label="Terms" />
    <RichTextField v-bind="field('policy')" label="Returns and privacy" />
    <p v-if="missing.length > 0" class="text-sm text-amber">
      The checkout names no {{ missing.join(' and no ') }}. Most places ask a shop for both.
    </p>
    <div class="grid gap-4 md:grid-cols-2">
      <TextField v-bind="field('after_paying')" label="After paying, on to" note="Blank: our thank-you page." />
      <TextField
        v-bind="field('after_cancelling')"
        label="After leaving the payment, on to"
        note="Blank: our page, which keeps the cart."
      />
    </div>
    <TagField
      v-bind="field('hosts')"
      label="Hosts that shoppers may be led to"
      :known="[]"
      note="Such as www.fern.example. No link leads anywhere else."
    />
    <RefusalNotice :refusal="refusal" @insist="save" @reload="load" />
  </form>
  <p v-else-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
</template>
