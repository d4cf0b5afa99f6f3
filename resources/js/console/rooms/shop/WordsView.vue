<script setup lang="ts">
import { computed } from 'vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import ListHead from '../../kit/ListHead.vue'
import SaveBar from '../../kit/SaveBar.vue'
import SwitchField from '../../kit/SwitchField.vue'
import PhraseRow from './PhraseRow.vue'
import WordsPreview from './WordsPreview.vue'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import { useWords } from './useWords'

const session = useSession()
const {
  entry,
  refusal,
  isDirty,
  wasSaved,
  draft,
  mine,
  search,
  onlyOwn,
  found,
  own,
  say,
  restore,
  errorAt,
  reload,
  submit,
} = useWords()
const { wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)
const count = computed(() => Object.keys(own.value).length)
const note = computed(() => {
  if (refusal.value) return 'Something is still to be put right.'
  if (isDirty.value) return 'Changed, not saved yet.'
  return wasSaved.value ? 'Saved.' : 'All is saved.'
})
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <p class="pt-6">
    <RouterLink :to="{ name: 'shop', params: { shop: session.slug } }" class="follow">Shop</RouterLink>
  </p>
  <ListHead v-model="search" title="Words" :count="count" filter-label="Find by what it says" />
  <p class="mb-4 max-w-2xl text-pencil">
    What shoppers read on your pages and in your mails. Say any of it in your own words; what stands in braces is filled
    in. Words on buttons stand at the offers and the shopfront.
  </p>
  <KeptNotice :is-shown="wasKept" @drop="reload" />
  <div v-if="entry" class="grid gap-x-10 gap-y-6 pb-24 lg:grid-cols-[minmax(0,1fr)_26rem]">
    <WordsPreview class="lg:sticky lg:top-20 lg:order-2 lg:self-start" :own="own" :samples="entry.samples" />
    <form class="min-w-0" @submit.prevent="submit()">
      <SwitchField v-model="onlyOwn" class="mb-3" label="Only those in your own words" />
      <p v-if="found.length === 0" class="py-6">Nothing says that.</p>
      <section v-for="group in found" :key="group.key" class="border-t border-rule py-3">
        <h2 class="sentence mb-2 text-lg font-semibold">{{ group.label }}</h2>
        <PhraseRow
          v-for="phrase in group.phrases"
          :key="phrase.key"
          :phrase="phrase"
          :error="errorAt(phrase.key)"
          @say="(text) => say(phrase.key, text)"
        />
      </section>
      <SaveBar
        :note="note"
        :is-wrong="refusal !== null"
        :refusal="refusal"
        :mine="mine"
        @insist="(version) => submit(version)"
        @settle="(form, version) => submit(version, form)"
        @reload="reload"
      >
        <UndoButtons :can-take-back="canTakeBack" :can-redo="canRedo" @take-back="draft.takeBack" @redo="draft.redo" />
        <FormHistory kind="words" title="History of the words" @restore="restore" />
        <button type="submit" class="deed" :disabled="!isDirty">Save</button>
      </SaveBar>
    </form>
  </div>
</template>
