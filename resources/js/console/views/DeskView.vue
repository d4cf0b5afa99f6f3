<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, type Refusal, type Schemas } from '../../shared/client'
import DeskSentence from '../components/DeskSentence.vue'
import FindingLine from '../components/FindingLine.vue'
import LeaveDialog from '../components/LeaveDialog.vue'
import ProofBill from '../components/ProofBill.vue'
import ProofLink from '../components/ProofLink.vue'
import ProofPage from '../components/ProofPage.vue'
import StateMark from '../components/StateMark.vue'
import { useLeaveGuard } from '../composables/useLeaveGuard'
import { useProof } from '../composables/useProof'
import { useSession } from '../stores/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()

const offer = ref<Schemas['Offer'] | null>(null)
const entry = ref<Schemas['OfferEntry'] | null>(null)
const saved = ref('')
const offerId = computed(() => offer.value?.id ?? null)
const { proof, refusal: proofRefusal, findingsAt, refresh } = useProof(entry, offerId)
const refusal = ref<Refusal | null>(null)
const hasNoProducts = ref(false)
const isWorking = ref(false)
const isDirty = computed(() => entry.value !== null && JSON.stringify(entry.value) !== saved.value)
const said = computed(() => {
  if (!offer.value) return 'Not saved yet.'
  return isDirty.value ? 'Changed, not saved yet.' : 'All is saved.'
})

onMounted(async () => {
  if (props.id) {
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/offers/{offer}', { params: { path: { shop: session.slug, offer: props.id } } }),
    )
    if (data) take(data)
    else refusal.value = refused ?? null
    return
  }
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/products', { params: { path: { shop: session.slug }, query: { page: 1 } } }),
  )
  const first = data?.items.find((product) => product.stock !== 0) ?? data?.items[0]
  if (first)
    entry.value = { product_id: first.id, quantity: '1', destination: 'pay', cart_use: 'just_this', caption: '' }
  // The default sentence is nobody's work yet, so that leaving it loses nothing.
  saved.value = JSON.stringify(entry.value)
  hasNoProducts.value = data !== undefined && !first
  refusal.value = refused ?? null
})

const { isAsking, answer } = useLeaveGuard(isDirty)

function take(taken: Schemas['Offer']): void {
  offer.value = taken
  entry.value = {
    product_id: taken.product.id,
    quantity: String(taken.quantity),
    destination: taken.destination,
    cart_use: taken.cart_use,
    caption: taken.caption ?? '',
  }
  saved.value = JSON.stringify(entry.value)
}

/** Saves what stands on the desk, where that is something new; a refusal says why not. */
async function save(): Promise<Refusal | null> {
  if (!entry.value || (offer.value && !isDirty.value)) return null
  const { data, refusal: refused } = offer.value
    ? await outcome(
        api.PUT('/shops/{shop}/offers/{offer}', {
          params: { path: { shop: session.slug, offer: offer.value.id } },
          body: entry.value,
        }),
      )
    : await outcome(api.POST('/shops/{shop}/offers', { params: { path: { shop: session.slug } }, body: entry.value }))
  if (data) take(data)
  return refused ?? null
}

async function setState(state: Schemas['OfferState']): Promise<Refusal | null> {
  const unsaved = await save()
  if (unsaved || !offer.value) return unsaved
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/offers/{offer}/state', {
      params: { path: { shop: session.slug, offer: offer.value.id } },
      body: { state },
    }),
  )
  if (data) take(data)
  return refused ?? null
}

async function place(page: string): Promise<Refusal | null> {
  const unsaved = await save()
  if (unsaved || !offer.value) return unsaved
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/offers/{offer}/placements', {
      params: { path: { shop: session.slug, offer: offer.value.id } },
      body: { page },
    }),
  )
  if (data) {
    take(data)
    await refresh()
  }
  await settleAddress()
  return refused ?? null
}

async function run(work: () => Promise<Refusal | null>): Promise<void> {
  if (isWorking.value) return
  isWorking.value = true
  refusal.value = await work()
  isWorking.value = false
  await settleAddress()
}

/** A new offer has an address of its own once it is saved, so that a reload finds it. */
async function settleAddress(): Promise<void> {
  if (!props.id && offer.value)
    window.history.replaceState(
      window.history.state,
      '',
      router.resolve({ name: 'desk', params: { shop: session.slug, id: offer.value.id } }).href,
    )
}
</script>

<template>
  <div class="pt-6 pb-20">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">
      {{
        Object.values(refusal.errors ?? {})
          .flat()
          .join(' ') || refusal.message
      }}
    </p>
    <p v-if="proofRefusal" class="mb-4 text-wrong" role="alert">{{ proofRefusal.message }}</p>
    <div v-if="hasNoProducts" class="max-w-2xl py-10">
      <h1 class="sentence mb-4 text-2xl leading-relaxed">An offer sells a product, and there is none yet.</h1>
      <RouterLink :to="{ name: 'new-product', params: { shop: session.slug } }" class="deed"
        >Put in the first product</RouterLink
      >
    </div>
    <template v-if="entry && proof">
      <DeskSentence v-model="entry" :segments="proof.sentence" :findings-at="findingsAt" />
      <ul class="mt-3 grid gap-1" aria-live="polite" data-findings>
        <li v-for="finding in proof.findings" :key="finding.sentence"><FindingLine :finding="finding" /></li>
      </ul>
      <div
        class="mt-6 border-t border-rule pt-5 max-lg:flex max-lg:snap-x max-lg:gap-6 max-lg:overflow-x-auto lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.25fr)] lg:gap-x-10 max-lg:[&>section]:w-[88%] max-lg:[&>section]:flex-none max-lg:[&>section]:snap-start"
      >
        <ProofPage :caption="proof.caption" />
        <ProofBill :bill="proof.bill" />
        <ProofLink
          :placements="offer?.placements ?? []"
          :pages="proof.pages_to_payment"
          :place="place"
          :is-stale="isDirty && offer !== null"
        />
      </div>
      <div class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
        <div class="mx-auto flex max-w-[80rem] flex-wrap items-center gap-3 px-5 py-2.5 sm:px-8">
          <StateMark :state="offer?.state ?? 'draft'" />
          <span class="text-sm text-pencil" role="status">{{ said }}</span>
          <span class="ml-auto flex flex-wrap gap-2">
            <button
              v-if="offer?.next_states.includes('archived')"
              type="button"
              class="side-deed"
              :disabled="isWorking"
              @click="run(() => setState('archived'))"
            >
              Archive
            </button>
            <button
              v-if="offer?.state === 'live'"
              type="button"
              class="side-deed"
              :disabled="isWorking"
              @click="run(() => setState('paused'))"
            >
              Pause
            </button>
            <button
              v-if="offer?.state === 'archived'"
              type="button"
              class="side-deed"
              :disabled="isWorking"
              @click="run(() => setState('paused'))"
            >
              Bring back
            </button>
            <button
              v-if="!offer || isDirty"
              type="button"
              :class="offer?.state === 'live' ? 'deed' : 'side-deed'"
              :disabled="isWorking || !proof.can_save"
              @click="run(save)"
            >
              Save
            </button>
            <button
              v-if="!offer || offer.next_states.includes('live')"
              type="button"
              class="deed"
              :disabled="isWorking || !proof.can_go_live"
              @click="run(() => setState('live'))"
            >
              {{ offer?.state === 'paused' ? 'Put it live again' : 'Publish' }}
            </button>
          </span>
        </div>
      </div>
    </template>
  </div>
</template>
