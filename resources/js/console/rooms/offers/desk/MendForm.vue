<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import { oneAtATime } from '../../../lib/oneAtATime'

type Answer = Promise<{ data?: Schemas['Shop']; refusal?: Refusal }>

interface Mend {
  label: string
  act: string
  field: string
  inputmode: 'text' | 'decimal'
  say: (typed: string) => Answer
}

/** What a shop says once, said at the finding that misses it: the sentence stays where it is. */
const props = defineProps<{ finding: Schemas['Finding'] }>()
const emit = defineEmits<{ mended: [] }>()
const session = useSession()
const id = useId()
const typed = ref('')
const refusal = ref<Refusal | null>(null)

const mend = computed<Mend | null>(() => {
  const { room, what } = props.finding
  const path = { shop: session.slug }
  const home = session.lists?.countries.find(({ code }) => code === session.shop?.home_country)?.name ?? ''
  if (room === 'payee')
    return {
      label: 'Your account at the payment provider',
      act: 'Pay this account',
      field: 'payee',
      inputmode: 'text',
      say: (payee) => outcome(api.PUT('/shops/{shop}/payee', { params: { path }, body: { payee } })),
    }
  if (room === 'first_zone')
    return {
      label: `Shipping to ${home}, ${session.shop?.currency}`,
      act: 'Ship for this',
      field: 'fee',
      inputmode: 'decimal',
      say: (fee) => outcome(api.POST('/shops/{shop}/rules/first-zone', { params: { path }, body: { fee } })),
    }
  if (room === 'first_rate')
    return {
      label: `Tax “${what}” in ${home}, percent`,
      act: 'Tax it so',
      field: 'rate',
      inputmode: 'decimal',
      say: (rate) =>
        outcome(api.POST('/shops/{shop}/rules/first-rate', { params: { path }, body: { class: what ?? '', rate } })),
    }
  return null
})

const mendIt = oneAtATime(async () => {
  if (!mend.value) return
  const { data, refusal: refused } = await mend.value.say(typed.value)
  refusal.value = refused ?? null
  if (!data) return
  session.shop = data
  emit('mended')
})

/** Whoever may not is told by the finding, and asks an owner. */
const may = computed(() => session.may.includes(props.finding.room === 'payee' ? 'payee' : 'work'))

const error = computed(
  () => refusal.value && mend.value && (sentenceAt(refusal.value, mend.value.field) ?? refusalWords(refusal.value)),
)

function refusalWords(refused: Refusal): string {
  return Object.values(refused.errors ?? {}).flat()[0] ?? refused.message
}
</script>

<template>
  <form v-if="mend && may" novalidate :data-mend="finding.room" @submit.prevent="mendIt">
    <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
      <label :for="id" class="text-sm">{{ mend.label }}</label>
      <span class="flex gap-2">
        <input
          :id="id"
          v-model="typed"
          class="entry"
          :class="mend.inputmode === 'decimal' ? '!w-24' : '!w-56'"
          :inputmode="mend.inputmode"
          autocomplete="off"
          dir="auto"
          :aria-invalid="error ? 'true' : undefined"
          :aria-describedby="error ? `${id}-said` : undefined"
          @input="refusal = null"
        />
        <button type="submit" class="side-deed !min-h-10 flex-none">{{ mend.act }}</button>
      </span>
    </div>
    <p v-if="error" :id="`${id}-said`" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
  </form>
</template>
