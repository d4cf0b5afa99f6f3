<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSettings, type Standing } from '../../lib/useSettings'
import { useSession } from '../../lib/session'
import FormHistory from '../../kit/FormHistory.vue'
import PickField from '../../kit/PickField.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { useJoined } from './savedTogether'

/** Which buttons stand in the shop's own pages, what they say, and what follows adding. */
const emit = defineEmits<{ said: [line: string] }>()
const session = useSession()
const facts = ref<Schemas['Shopfront'] | null>(null)
const joined = useJoined()
const path = { shop: session.slug }
const { entry, refusal, mine, draft, change, reload, submit } = useSettings<Schemas['ShopfrontEntry']>({
  ...joined.options,
  name: () => `${session.key}/shopfront`,
  load: () => taken(outcome(api.GET('/shops/{shop}/shopfront', { params: { path } }))),
  send: (body, version) =>
    taken(
      outcome(
        api.PUT('/shops/{shop}/shopfront', {
          params: { path },
          body: { ...(body as Schemas['ShopfrontEntry']), version },
        }),
      ),
    ),
})
const { value, field } = useFields(entry, change, (at) => sentenceAt(refusal.value, at))

const notices = computed(() => facts.value?.ways.filter(({ value }) => value !== 'stay') ?? [])
const needsAddress = computed(
  () => entry.value?.after_adding === 'address' || (entry.value?.has_notice && entry.value.notice_leads === 'address'),
)

joined.join({ draft, save: () => submit(), reload })
watch(
  [entry, facts],
  () =>
    entry.value &&
    emit('said', facts.value?.surfaces.map((surface) => `${surface.label}: ${set(surface)}`).join('. ') ?? ''),
)

function set(surface: Schemas['Surface']): string {
  const chosen = entry.value?.buttons[surface.value]
  return (surface.sets.find(({ value: each }) => each === chosen)?.label ?? '').toLowerCase()
}

async function taken(
  answer: ReturnType<typeof outcome<Schemas['Shopfront']>>,
): Promise<{ data?: Standing<Schemas['ShopfrontEntry']>; refusal?: Refusal }> {
  const { data, refusal: refused } = await answer
  if (!data) return { ...(refused ? { refusal: refused } : {}) }
  facts.value = data
  return { data }
}

const CART_COLUMNS = [
  ['picture', 'Picture'],
  ['price_each', 'Price each'],
  ['quantity', 'Quantity to change'],
  ['remove', 'Remove'],
] as const

const words = computed<[keyof Schemas['ShopWordsEntry'], string][]>(() => [
  ['adding', '“Add to cart” says'],
  ['buying', '“Buy now” says'],
  ...(session.lists?.button_states ?? []).map(({ value: state, label }): [keyof Schemas['ShopWordsEntry'], string] => [
    state,
    state === 'idle' ? 'Any other button of an offer' : label,
  ]),
])

function setColumn(column: (typeof CART_COLUMNS)[number][0], is: boolean): void {
  const shown = entry.value?.cart_columns ?? { picture: true, price_each: true, quantity: true, remove: true }
  change({ cart_columns: { ...shown, [column]: is } })
}

function ways(choices: Schemas['Choice'][]): { value: Schemas['AfterAdding']; label: string }[] {
  return choices.map(({ value, label }) => ({ value: value as Schemas['AfterAdding'], label }))
}
</script>

<template>
  <form v-if="entry && facts" class="grid gap-5" novalidate @submit.prevent="submit()">
    <div v-for="surface in facts.surfaces" :key="surface.value" class="grid gap-3 sm:grid-cols-3">
      <PickField
        :label="surface.label"
        :model-value="entry.buttons[surface.value]"
        :choices="surface.sets"
        @update:model-value="(set) => entry && change({ buttons: { ...entry.buttons, [surface.value]: set } })"
      />
      <TextField
        v-for="[does, label] in [
          ['cart', 'Add to cart'],
          ['pay', 'Buy now'],
        ] as const"
        :key="does"
        :label="`“${label}” says`"
        :note="`Blank: ${label}`"
        :model-value="entry.captions[`${surface.value}_${does}`]"
        :error="sentenceAt(refusal, `captions.${surface.value}_${does}`)"
        @update:model-value="
          (text) => entry && change({ captions: { ...entry.captions, [`${surface.value}_${does}`]: text } })
        "
      />
    </div>
    <div class="grid gap-3 border-t border-rule pt-4 sm:grid-cols-2">
      <PickField v-bind="value('after_adding')" label="After adding to the cart" :choices="ways(facts.ways)" />
      <template v-if="entry.after_adding === 'stay'">
        <SwitchField v-bind="value('has_notice')" class="self-end pb-1.5" label="Show a notice" />
        <PickField
          v-if="entry.has_notice"
          v-bind="value('notice_leads')"
          label="The notice leads"
          :choices="ways(notices)"
        />
      </template>
      <TextField
        v-if="needsAddress"
        v-bind="field('address')"
        label="Your address"
        note="At a host that is listed under Checkout."
      />
    </div>
    <div class="border-t border-rule pt-4" role="group" aria-labelledby="cart-shows">
      <p id="cart-shows" class="mb-2 font-medium">The cart shows</p>
      <div class="flex flex-wrap gap-x-8 gap-y-2">
        <SwitchField
          v-for="[column, label] in CART_COLUMNS"
          :key="column"
          :label="label"
          :model-value="entry.cart_columns?.[column] ?? true"
          @update:model-value="(is) => setColumn(column, is)"
        />
      </div>
      <p v-if="sentenceAt(refusal, 'cart_columns')" class="mt-1 text-sm text-wrong" role="alert">
        {{ sentenceAt(refusal, 'cart_columns') }}
      </p>
    </div>
    <div class="border-t border-rule pt-4">
      <p class="mb-1 font-medium">What buttons say everywhere</p>
      <p class="mb-2 text-sm text-pencil">On these pages and on the buttons of your offers. Blank: as built in.</p>
      <div class="grid gap-3 sm:grid-cols-2">
        <TextField
          v-for="[said, label] in words"
          :key="said"
          :label="label"
          :model-value="entry.words[said]"
          :error="sentenceAt(refusal, `words.${said}`)"
          @update:model-value="(text) => entry && change({ words: { ...entry.words, [said]: text } })"
        />
      </div>
    </div>
    <p class="flex flex-wrap items-center gap-4">
      <RefusalNotice
        :refusal="refusal"
        :mine="mine"
        @insist="submit"
        @settle="(form, version) => submit(version, form)"
        @reload="reload"
      />
      <FormHistory kind="shopfront" title="History of the shopfront" @restore="(form) => change(form)" />
      <a :href="session.shop?.base" class="follow ml-auto" target="_blank" rel="noopener">{{ session.shop?.base }}</a>
    </p>
  </form>
</template>
