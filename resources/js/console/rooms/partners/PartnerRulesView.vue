<script setup lang="ts">
import { computed, ref } from 'vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PageTitle from '../../kit/PageTitle.vue'
import PickField from '../../kit/PickField.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import { useSettings, type Standing } from '../../lib/useSettings'
import PartnersNav from './PartnersNav.vue'

type Entry = Schemas['PartnerRulesEntry']

const session = useSession()
const path = { shop: session.slug }
const facts = ref<Schemas['PartnerRules'] | null>(null)
const { entry, refusal, isDirty, wasSaved, draft, mine, change, reload, submit } = useSettings<Entry>({
  name: () => `${session.key}/partner-rules`,
  load: () => taken(outcome(api.GET('/shops/{shop}/partners/rules', { params: { path } }))),
  send: (body, version) =>
    taken(
      outcome(api.PUT('/shops/{shop}/partners/rules', { params: { path }, body: { ...(body as Entry), version } })),
    ),
})
const { wasKept, canTakeBack, canRedo } = draft
const { value, field } = useFields(entry, change, (at) => sentenceAt(refusal.value, at))
const { isAsking, answer } = useLeaveGuard(isDirty)
const stale = computed(() => (facts.value?.stale ?? []) as { value: Schemas['StalePrice']; label: string }[])

async function taken(
  asked: ReturnType<typeof outcome<Schemas['PartnerRules']>>,
): Promise<{ data?: Standing<Entry>; refusal?: Refusal }> {
  const { data, refusal: refused } = await asked
  if (!data) return { ...(refused ? { refusal: refused } : {}) }
  facts.value = data
  return { data }
}
</script>

<template>
  <div class="pt-6 pb-20">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <PageTitle title="Rules for partners" help="partnerRules" class="mb-4" />
    <PartnersNav />
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="mine"
      @insist="(version) => submit(version)"
      @settle="(form, version) => submit(version, form)"
      @reload="reload"
    />
    <KeptNotice :is-shown="wasKept" @drop="reload" />
    <form v-if="entry" novalidate class="max-w-3xl" @submit.prevent="submit()">
      <LedgerRow title="Prices">
        <div class="grid gap-4 sm:grid-cols-2">
          <TextField
            v-bind="field('price_days')"
            label="Days in which a price is believed"
            inputmode="numeric"
            note="After so many days without a look it is old."
          />
          <PickField v-bind="value('stale')" label="An older price" :choices="stale" />
        </div>
        <SwitchField v-bind="value('takes_over')" class="mt-4" label="Show a changed price by itself" />
        <p class="mt-1 text-sm text-pencil">
          Otherwise shoppers see none until you have chosen, under Prices. A price that the page no longer says is never
          shown.
        </p>
      </LedgerRow>
      <LedgerRow title="Titles and texts">
        <div class="grid gap-4 sm:grid-cols-2">
          <TextField v-bind="field('title_words')" label="Words in a title" inputmode="numeric" />
          <TextField v-bind="field('text_words')" label="Words in a text" inputmode="numeric" />
        </div>
      </LedgerRow>
      <LedgerRow title="Conversion">
        <TextField
          v-bind="field('conversion')"
          class="max-w-xs"
          label="Conversion, in percent"
          inputmode="decimal"
          note="Of 100 who click, how many buy. Used for products with fewer than 30 clicks."
        />
      </LedgerRow>
      <div class="sticky bottom-0 flex flex-wrap items-center gap-2 border-t border-rule bg-paper py-3">
        <button type="submit" class="deed" :disabled="!isDirty">Save</button>
        <UndoButtons :can-take-back="canTakeBack" :can-redo="canRedo" @take-back="draft.takeBack" @redo="draft.redo" />
        <button v-if="isDirty" type="button" class="side-deed !min-h-10" @click="reload">Back to what is saved</button>
        <FormHistory
          kind="partner_rules"
          :subject="0"
          title="History of these rules"
          @restore="(form) => change(form as Entry)"
        />
        <p v-if="wasSaved" class="text-sm text-good" role="status">Saved.</p>
      </div>
    </form>
  </div>
</template>
