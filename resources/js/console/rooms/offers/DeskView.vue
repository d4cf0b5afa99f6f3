<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import ChangedDialog from './desk/ChangedDialog.vue'
import DeskSentence from './desk/DeskSentence.vue'
import DeskStrip from './desk/DeskStrip.vue'
import HistoryDialog from './desk/HistoryDialog.vue'
import MendForm from './desk/MendForm.vue'
import ProofBill from './desk/ProofBill.vue'
import ProofLink from './desk/ProofLink.vue'
import ProofPage from './desk/ProofPage.vue'
import FindingLine from '../../kit/FindingLine.vue'
import { useDesk } from './useDesk'
import { useDeleting } from '../../lib/deleting'
import { useOwnAddress } from '../../lib/ownAddress'
import { useKeys } from '../../lib/useKeys'
import { useProof } from './useProof'
import { useSession } from '../../lib/session'

/** Of an offer, or of a new one: then perhaps of the product that it shall sell, or begun from an example. */
const props = defineProps<{ id?: number; product?: number | undefined; example?: string | undefined }>()
const session = useSession()
const router = useRouter()
const goOnAt = useOwnAddress()
const desk = useDesk(props.id, { product: props.product, example: props.example })
/** Where the first place of it is likely to be. */
const firstPlace =
  props.example === 'card'
    ? ({ page: 'The card', medium: 'qr' } as const)
    : ({ page: 'My page', medium: 'html' } as const)
const { offer, entry, refusal, theirs, hasNoProducts, wasKept, isDirty, canTakeBack, canRedo } = desk

watch(useDeleting().changes, async () => {
  await desk.reloadPlaces()
  await refresh()
})

const country = ref(session.shop?.home_country ?? '')
const offerId = computed(() => offer.value?.id ?? null)
const { proof, refusal: proofRefusal, refresh } = useProof(entry, offerId, country)
const isWorking = ref(false)
const isHistoryShown = ref(false)
const chosen = ref<number | null>(null)
/** The place that is looked at; the first one until another is chosen. */
const shown = computed(
  () => offer.value?.placements.find(({ id }) => id === chosen.value) ?? offer.value?.placements[0],
)
const mine = computed(() => proof.value?.sentence.map(({ text }) => text).join('') ?? '')
const canPublish = computed(
  () => proof.value?.can_go_live === true && (!offer.value || offer.value.next_states.includes('live')),
)

useKeys(
  { key: 's', does: 'Save', run: () => proof.value?.can_save && void run(desk.save) },
  { key: 'p', does: 'Publish', run: () => canPublish.value && void run(() => desk.setState('live')) },
)

async function run(work: () => Promise<Refusal | null>): Promise<Refusal | null> {
  if (isWorking.value) return null
  isWorking.value = true
  const refused = await work()
  refusal.value = theirs.value ? null : refused
  isWorking.value = false
  await settleAddress()
  await refresh()
  return refused
}

/** What is mended is gone from the page: the work goes on at the next thing that is missing, else at the places. */
async function goOn(): Promise<void> {
  await refresh()
  await nextTick()
  document.querySelector<HTMLElement>('[data-mend] input, [data-publish]')?.focus()
}

async function publish(): Promise<boolean> {
  return (await run(() => desk.setState('live'))) === null
}

/** What is refused about a place is said at the place. */
async function place(as: Schemas['PlacementEntry']): Promise<Refusal | null> {
  const refused = await run(() => desk.place(as))
  refusal.value = null
  return refused
}

async function duplicate(): Promise<void> {
  if (!offer.value) return
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/offers/{offer}/duplicate', {
      params: { path: { shop: session.slug, offer: offer.value.id } },
    }),
  )
  refusal.value = refused ?? null
  if (data) await router.push({ name: 'desk', params: { shop: session.slug, id: data.id } })
}

/** A new offer has an address of its own once it is saved, so that a reload finds it. */
async function settleAddress(): Promise<void> {
  if (!props.id && offer.value) await goOnAt({ name: 'desk', params: { shop: session.slug, id: offer.value.id } })
}
</script>

<template>
  <div class="pt-5 pb-24">
    <ChangedDialog :theirs="theirs" :mine="mine" @settle="(keepsMine) => run(() => desk.settle(keepsMine))" />
    <HistoryDialog
      v-if="offer"
      :is-open="isHistoryShown"
      :offer="offer.id"
      @close="isHistoryShown = false"
      @restore="(restored) => ((entry = restored), (isHistoryShown = false))"
    />
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">
      {{
        Object.values(refusal.errors ?? {})
          .flat()
          .join(' ') || refusal.message
      }}
    </p>
    <p v-if="proofRefusal" class="mb-4 text-wrong" role="alert">{{ proofRefusal.message }}</p>
    <p v-if="wasKept" class="mb-3 text-sm text-pencil" role="status">
      This is what you left here, not saved yet.
      <button v-if="!offer" type="button" class="follow" @click="desk.beginAnew">Start a new offer</button>
      <button v-else type="button" class="follow" @click="((entry = offer.entry), (wasKept = false))">
        Back to what is saved
      </button>
    </p>
    <div v-if="hasNoProducts" class="max-w-2xl py-10">
      <h1 class="sentence mb-4 text-2xl leading-relaxed">An offer sells a product, and there is none yet.</h1>
      <RouterLink :to="{ name: 'new-product', params: { shop: session.slug } }" class="deed"
        >Add your first product</RouterLink
      >
    </div>
    <template v-if="entry && proof">
      <DeskSentence v-model="entry" :proof="proof" />
      <ul class="mt-3 grid gap-1" aria-live="polite" data-findings>
        <li
          v-for="finding in proof.findings"
          :key="`${finding.item} ${finding.sentence}`"
          class="flex flex-wrap items-center gap-x-6 gap-y-1"
        >
          <FindingLine :finding="finding" :product="entry.items[finding.item ?? -1]?.product_id" />
          <MendForm :finding="finding" @mended="goOn" />
        </li>
      </ul>
      <div
        class="mt-5 border-t border-rule pt-4 max-lg:flex max-lg:snap-x max-lg:gap-6 max-lg:overflow-x-auto lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_minmax(0,1.25fr)] lg:gap-x-10 max-lg:[&>section]:w-[88%] max-lg:[&>section]:flex-none max-lg:[&>section]:snap-start"
      >
        <ProofPage :proof="proof" :entry="entry" :placement="shown" />
        <ProofBill v-model="country" :proof="proof" />
        <ProofLink
          v-model:chosen="chosen"
          :placements="offer?.placements ?? []"
          :way="proof.way"
          :first="firstPlace"
          :place="place"
          :change="desk.changePlacement"
          :is-stale="isDirty && offer !== null"
          :is-draft="offer?.state === 'draft'"
          :publish="(offer?.state ?? 'draft') === 'draft' && canPublish ? publish : undefined"
          @copied="desk.rememberCopy"
        />
      </div>
      <DeskStrip
        :offer="offer"
        :proof="proof"
        :is-dirty="isDirty"
        :is-working="isWorking"
        :can-take-back="canTakeBack"
        :can-redo="canRedo"
        @save="run(desk.save)"
        @state="(state) => run(() => desk.setState(state))"
        @take-back="desk.takeBack"
        @redo="desk.redo"
        @history="isHistoryShown = true"
        @duplicate="duplicate"
      />
    </template>
  </div>
</template>
