<script setup lang="ts">
import { onMounted, ref } from 'vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import TextField from '../../kit/TextField.vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { shownDay } from '../../lib/shownDay'
import { useDates } from '../../lib/useDates'
import { useSession } from '../../lib/session'
import { tones } from './tones'

const props = defineProps<{ id: number }>()
const session = useSession()
const { dayAndTime } = useDates()
const card = ref<Schemas['GiftCard'] | null>(null)
const refusal = ref<Refusal | null>(null)
const asks = ref<'' | 'send' | 'void'>('')
const reason = ref('')
const path = (): { shop: string; giftCard: number } => ({ shop: session.slug, giftCard: props.id })

function take({ data, refusal: refused }: { data?: Schemas['GiftCard']; refusal?: Refusal }): void {
  refusal.value = refused ?? null
  if (!data) return
  card.value = data
  asks.value = ''
}

async function load(): Promise<void> {
  take(await outcome(api.GET('/shops/{shop}/gift-cards/{giftCard}', { params: { path: path() } })))
}

const send = oneAtATime(async () =>
  take(await outcome(api.POST('/shops/{shop}/gift-cards/{giftCard}/send', { params: { path: path() } }))),
)

const end = oneAtATime(async () =>
  take(
    await outcome(
      api.POST('/shops/{shop}/gift-cards/{giftCard}/void', {
        params: { path: path() },
        body: { reason: reason.value },
      }),
    ),
  ),
)

/** The window is opened at once, before the answer: a browser lets no page open one later. */
const print = oneAtATime(async (): Promise<void> => {
  const opened = window.open('', '_blank')
  const { data } = await outcome(api.POST('/shops/{shop}/gift-cards/{giftCard}/print', { params: { path: path() } }))
  if (data && opened) opened.location.href = data.address
  else opened?.close()
  await load()
})

onMounted(load)
</script>

<template>
  <p class="pt-6">
    <RouterLink :to="{ name: 'gift-cards', params: { shop: session.slug } }" class="follow">All gift cards</RouterLink>
  </p>
  <p v-if="refusal && asks === ''" class="text-wrong" role="alert">{{ refusal.message }}</p>
  <template v-if="card">
    <h1 class="sentence pt-2 pb-5 text-3xl font-semibold">Gift card …{{ card.card.tail }}</h1>
    <div class="grid gap-x-16 gap-y-8 md:grid-cols-[minmax(0,1fr)_24rem]">
      <div class="grid content-start gap-6">
        <section>
          <h2 class="small-title mb-1">Left on it</h2>
          <p class="text-2xl font-semibold">
            {{ card.card.balance.shown }}
            <span class="text-base font-normal text-pencil">of {{ card.card.value.shown }}</span>
          </p>
          <p :class="tones[card.card.state]">
            {{ card.card.state_label
            }}<template v-if="card.void_reason"
              >: <bdi>{{ card.void_reason }}</bdi></template
            >
          </p>
        </section>
        <section>
          <h2 class="small-title mb-1">For</h2>
          <p class="[overflow-wrap:anywhere]" dir="auto">{{ card.card.to }}</p>
          <p class="[overflow-wrap:anywhere] text-pencil">{{ card.email }}</p>
          <p v-if="card.message" class="mt-1 [overflow-wrap:anywhere] whitespace-pre-line" dir="auto">
            {{ card.message }}
          </p>
          <p v-if="card.card.waits_until" class="mt-1 text-amber">
            It is mailed on {{ shownDay(card.card.waits_until) }}.
          </p>
          <p class="mt-1">
            <RouterLink :to="{ name: 'order', params: { shop: session.slug, number: card.card.order } }" class="follow"
              >Order {{ card.card.order }}</RouterLink
            >
          </p>
        </section>
        <p v-if="card.is_kept" class="flex flex-wrap gap-x-5">
          <button type="button" class="follow min-h-8" @click="asks = 'send'">Send it again</button>
          <button type="button" class="follow min-h-8" @click="print">Print it</button>
          <button type="button" class="follow min-h-8" @click="asks = 'void'">Void it</button>
        </p>
        <section>
          <h2 class="small-title mb-2">Who was shown the code</h2>
          <p v-if="card.showings.length === 0" class="text-pencil">Nobody yet.</p>
          <ul>
            <li v-for="(showing, index) in card.showings" :key="index" class="text-sm">
              {{ showing.label
              }}<template v-if="showing.person">
                by <bdi>{{ showing.person }}</bdi></template
              >, {{ dayAndTime(showing.at) }}
            </li>
          </ul>
        </section>
      </div>
      <section class="self-start border-t-3 border-sea bg-sheet p-5">
        <h2 class="small-title mb-2">Movements</h2>
        <ol>
          <li
            v-for="(movement, index) in card.movements"
            :key="index"
            class="flex justify-between gap-4 border-b border-rule py-1.5"
            data-movement
          >
            <span
              >{{ movement.label
              }}<template v-if="movement.order">
                ·
                <RouterLink
                  :to="{ name: 'order', params: { shop: session.slug, number: movement.order } }"
                  class="follow"
                  >{{ movement.order }}</RouterLink
                ></template
              ><span class="block text-sm text-pencil"
                >{{ dayAndTime(movement.at)
                }}<template v-if="movement.person">
                  by <bdi>{{ movement.person }}</bdi></template
                ></span
              ></span
            >
            <span class="whitespace-nowrap">{{ movement.is_off ? '−' : '' }}{{ movement.amount.shown }}</span>
          </li>
        </ol>
      </section>
    </div>
    <ModalDialog
      :is-open="asks !== ''"
      :title="asks === 'send' ? 'Send the card again' : 'Void the card'"
      @close="asks = ''"
    >
      <form class="grid gap-4" @submit.prevent="asks === 'send' ? send() : end()">
        <p v-if="asks === 'send'" class="[overflow-wrap:anywhere]">A mail with its code goes to {{ card.email }}.</p>
        <template v-else>
          <p>{{ card.card.balance.shown }} is left on it; nobody can pay with it any more. This can’t be taken back.</p>
          <TextField v-model="reason" label="Reason" :error="sentenceAt(refusal, 'reason')" />
        </template>
        <p v-if="refusal && sentenceAt(refusal, 'reason') === undefined" class="text-wrong" role="alert">
          {{ sentenceAt(refusal, 'card') ?? refusal.message }}
        </p>
        <div class="flex flex-wrap items-center gap-5">
          <button class="deed">{{ asks === 'send' ? 'Send it' : 'Void it' }}</button>
          <button type="button" class="follow" @click="asks = ''">Cancel</button>
        </div>
      </form>
    </ModalDialog>
  </template>
</template>
