<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import AddressReading from '../../kit/AddressReading.vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import PickField from '../../kit/PickField.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import TextField from '../../kit/TextField.vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import MarketplaceForm from './MarketplaceForm.vue'
import MarketplaceList from './MarketplaceList.vue'
import ReadyPartners from './ReadyPartners.vue'
import PartnersNav from './PartnersNav.vue'
import { usePartners } from './usePartners'
import PageTitle from '../../kit/PageTitle.vue'

const session = useSession()
const room = usePartners()
const { partners, chosen, entry, address, trial, refusal, draft } = room
const { isDirty, wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)
const isTold = ref(false)
const names = computed(() => [...new Set((partners.value?.marketplaces ?? []).map((each) => each.entry.partner))])
const hasNone = computed(() => partners.value?.marketplaces.length === 0 && entry.value === null)

// What is missing of a new one is told once somebody has tried to save it.
watch(chosen, () => (isTold.value = chosen.value !== undefined))

async function save(over?: number, form?: object): Promise<void> {
  isTold.value = true
  await room.save(over, form)
}

async function discard(): Promise<void> {
  draft.drop()
  await room.load()
}
</script>

<template>
  <div class="pt-6 pb-20">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <PageTitle title="Partners" help="partners" class="mb-1" />
    <p class="mb-4 max-w-2xl text-pencil">
      Other merchants whose goods you show. Each link to one of their marketplaces carries your partner ID, so that the
      sale is credited to you.
    </p>
    <PartnersNav />
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="entry"
      @insist="save"
      @settle="(form, version) => save(version, form)"
      @reload="discard"
    />
    <KeptNotice :is-shown="wasKept" @drop="discard" />
    <div v-if="partners" class="grid gap-x-10 gap-y-6 lg:grid-cols-[16rem_minmax(0,1fr)]">
      <div class="grid min-w-0 content-start gap-5">
        <MarketplaceList
          v-if="partners.marketplaces.length > 0"
          :marketplaces="partners.marketplaces"
          :chosen="chosen?.id ?? 0"
          @choose="room.choose"
        />
        <button type="button" class="side-deed justify-self-start" @click="room.begin">New marketplace</button>
        <PickField
          v-if="partners.marketplaces.length > 0"
          :model-value="partners.referrer_policy"
          label="Referrer sent to partners"
          :choices="session.lists?.referrer_policies ?? []"
          @update:model-value="room.setReferrer"
        />
        <section v-if="partners.ready.length > 0 && !hasNone">
          <h2 class="small-title mb-2">Ready to add</h2>
          <ReadyPartners :ready="partners.ready" :add="room.addReady" />
        </section>
      </div>
      <div class="min-w-0">
        <section v-if="hasNone" class="max-w-xl">
          <h2 class="sentence mb-3 text-xl font-semibold">Begin with a partner that is known</h2>
          <ReadyPartners v-if="partners.ready.length > 0" :ready="partners.ready" :add="room.addReady" />
          <p v-else>None is known here yet: add a marketplace, and say how its addresses are built.</p>
        </section>
        <template v-else-if="entry">
          <div class="mb-3 flex flex-wrap items-baseline gap-x-4">
            <h2 class="sentence text-xl font-semibold" dir="auto">{{ entry.name || 'New marketplace' }}</h2>
            <p v-if="chosen" class="text-pencil">{{ chosen.counts }}.</p>
          </div>
          <section class="mb-4 border-t border-rule pt-4" aria-label="Try an address">
            <TextField
              v-model="address"
              label="Try it: paste the address of a page there"
              is-mono
              note="Nothing is saved by it. You see which part is what, and where a click would lead."
            />
            <AddressReading v-if="trial?.reading" class="mt-3" :reading="trial.reading" />
          </section>
          <form novalidate @submit.prevent="save()">
            <MarketplaceForm v-model="entry" :trial="trial" :refusal="refusal" :partners="names" :is-told="isTold" />
            <div class="sticky bottom-0 flex flex-wrap items-center gap-2 border-t border-rule bg-paper py-3">
              <button type="submit" class="deed" :disabled="!isDirty">Save</button>
              <UndoButtons
                :can-take-back="canTakeBack"
                :can-redo="canRedo"
                @take-back="draft.takeBack"
                @redo="draft.redo"
              />
              <button v-if="isDirty" type="button" class="side-deed !min-h-10" @click="draft.drop">
                Back to what is saved
              </button>
              <FormHistory
                v-if="chosen"
                kind="marketplace"
                :subject="chosen.id"
                title="History of this marketplace"
                @restore="(form) => (entry = form as Schemas['MarketplaceEntry'])"
              />
              <button
                v-if="!isDirty && chosen"
                type="button"
                class="side-deed !min-h-10"
                @click="room.archive(!chosen.is_away)"
              >
                {{ chosen.is_away ? 'Bring back' : 'Archive' }}
              </button>
            </div>
          </form>
        </template>
      </div>
    </div>
  </div>
</template>
