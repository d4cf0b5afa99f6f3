<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import { useSettings, type Standing } from '../../lib/useSettings'
import FormHistory from '../../kit/FormHistory.vue'
import PickField from '../../kit/PickField.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import RichTextField from '../../kit/RichTextField.vue'
import TagField from '../../kit/TagField.vue'
import TextField from '../../kit/TextField.vue'
import { useJoined } from './savedTogether'

type Demand = Schemas['Demand']

/** How the checkout asks, which texts it names, and where it leads. */
const emit = defineEmits<{ said: [line: string] }>()
const session = useSession()
const joined = useJoined()
const path = { shop: session.slug }
const {
  entry: rules,
  refusal,
  mine,
  draft,
  change,
  reload,
  submit,
} = useSettings<Schemas['CheckoutRules']>({
  ...joined.options,
  name: () => `${session.key}/checkout`,
  load: () => standing(outcome(api.GET('/shops/{shop}/checkout', { params: { path } }))),
  send: (body, version) =>
    standing(
      outcome(
        api.PUT('/shops/{shop}/checkout', {
          params: { path },
          body: { ...(body as Schemas['CheckoutRulesEntry']), version },
        }),
      ),
    ),
  bodyOf,
})
const demands: Record<Demand, string> = { off: 'not asked', optional: 'if they like', required: 'must be given' }
const places: { value: Schemas['CouponPlace']; label: string }[] = [
  { value: 'both', label: 'in cart and checkout' },
  { value: 'cart', label: 'in the cart' },
  { value: 'checkout', label: 'in the checkout' },
  { value: 'nowhere', label: 'nowhere' },
]
const missing = computed(() =>
  [rules.value?.terms === '' ? 'terms' : '', rules.value?.policy === '' ? 'returns and privacy policy' : ''].filter(
    (name) => name !== '',
  ),
)

async function standing(
  answer: ReturnType<typeof outcome<Schemas['CheckoutRules']>>,
): Promise<{ data?: Standing<Schemas['CheckoutRules']>; refusal?: Refusal }> {
  const { data, refusal: refused } = await answer
  if (data) return { data: { entry: data, version: data.version } }
  return refused ? { refusal: refused } : {}
}

function demand(name: string, wanted: Demand): void {
  if (!rules.value) return
  rules.value = {
    ...rules.value,
    fields: rules.value.fields.map((field) => (field.name === name ? { ...field, demand: wanted } : field)),
  }
}

const { value, field } = useFields(rules, change, (at) => sentenceAt(refusal.value, at))

function bodyOf(entry: Schemas['CheckoutRules']): Schemas['CheckoutRulesEntry'] {
  const { coupon_place, terms, policy, hosts, after_paying, after_cancelling, download_days, download_times } = entry
  const demandOf = (name: string): Demand => entry.fields.find((field) => field.name === name)?.demand ?? 'off'
  return {
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
    download_days,
    download_times,
  }
}

async function save(over?: number, body?: object): Promise<void> {
  if (await submit(over, body)) await session.reload()
}

/** Puts what a version said into the form. */
function restore(form: Record<string, unknown>): void {
  const then = form as Schemas['CheckoutRulesEntry']
  const demanded: Record<string, Demand> = {
    company: then.company,
    postcode: then.postcode,
    phone: then.phone,
    comment: then.comment,
  }
  const { coupon_place, terms, policy, hosts, after_paying, after_cancelling, download_days, download_times } = then
  const fields = (rules.value?.fields ?? []).map((field) => ({
    ...field,
    demand: demanded[field.name] ?? field.demand,
  }))
  change({
    fields,
    coupon_place,
    terms,
    policy,
    hosts,
    after_paying,
    after_cancelling,
    download_days,
    download_times,
  })
}

joined.join({ draft, save: () => save(), reload })
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
    <div class="grid gap-4 sm:grid-cols-[10rem_10rem]">
      <TextField
        v-bind="field('download_days')"
        label="Download links, days"
        inputmode="numeric"
        note="How long they work."
      />
      <TextField v-bind="field('download_times')" label="Downloads" inputmode="numeric" note="Of each file." />
    </div>
    <TagField
      v-bind="field('hosts')"
      label="Hosts that shoppers may be led to"
      :known="[]"
      note="Such as www.fern.example. No link leads anywhere else."
    />
    <p class="flex flex-wrap items-center gap-4">
      <RefusalNotice
        :refusal="refusal"
        :mine="mine"
        @insist="save"
        @settle="(form, version) => save(version, form)"
        @reload="reload"
      />
      <FormHistory kind="checkout" title="History of the checkout" @restore="restore" />
    </p>
  </form>
  <p v-else-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
</template>
