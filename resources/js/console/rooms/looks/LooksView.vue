<script setup lang="ts">
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../lib/client'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import ComparedLooks from './ComparedLooks.vue'
import LookForm from './LookForm.vue'
import LookList from './LookList.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import { useDeleting } from '../../lib/deleting'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useLooks } from './useLooks'
import { useSession } from '../../lib/session'
import PageTitle from '../../kit/PageTitle.vue'

const session = useSession()
const {
  looks,
  chosen,
  entry,
  trial,
  refusal,
  isDirty,
  draft,
  search,
  found,
  choose,
  beginFrom,
  load,
  save,
  putBack,
  makeUsual,
  putAway,
} = useLooks(Number(useRoute().query.look))
const { wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)

const deleting = useDeleting()
watch(deleting.changes, load)

async function remove(): Promise<void> {
  if (chosen.value) refusal.value = await deleting.remove('look', chosen.value.id, chosen.value.name)
}

async function discard(): Promise<void> {
  draft.drop()
  await load()
}

const others = computed(() => looks.value.filter(({ id, is_away }) => !is_away && id !== chosen.value?.id))
</script>

<template>
  <div class="pt-6 pb-20">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <PageTitle title="Looks" help="looks" class="mb-1" />
    <p class="mb-5 text-pencil">What buttons look like. A look is shared by offers; a change shows in all of them.</p>
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="entry"
      @insist="save"
      @settle="(form, version) => save(version, form)"
      @reload="discard"
    />
    <KeptNotice :is-shown="wasKept" @drop="discard" />
    <p v-if="refusal?.errors?.is_away" class="mb-3 text-wrong" role="alert">{{ refusal.message }}</p>
    <div v-if="entry" class="grid gap-x-10 gap-y-6 lg:grid-cols-[15rem_minmax(0,1fr)]">
      <LookList
        v-model:search="search"
        :looks="looks"
        :found="found"
        :chosen="chosen"
        :is-dirty="isDirty"
        @choose="choose"
        @begin-from="beginFrom"
        @bring-back="(look) => putAway(look, false)"
      />
      <div class="min-w-0">
        <ComparedLooks
          class="border-rule bg-paper pb-3 lg:sticky lg:top-0 lg:z-10 lg:-mb-px lg:max-h-[55vh] lg:overflow-y-auto lg:border-b"
          :entry="entry"
          :look-id="chosen?.id ?? 0"
          :is-dirty="isDirty"
          :others="others"
        />
        <ul class="grid gap-1" :class="{ 'my-3': trial?.doubts.length }" aria-live="polite" data-doubts>
          <li v-for="doubt in trial?.doubts ?? []" :key="doubt.sentence" class="text-amber">
            <strong>Check:</strong> {{ doubt.sentence }}
          </li>
        </ul>
        <form novalidate @submit.prevent="save()">
          <LookForm v-model="entry" :trial="trial" :refusal="refusal" />
          <div class="sticky bottom-0 flex flex-wrap items-center gap-2 border-t border-rule bg-paper py-3">
            <button type="submit" class="deed" :disabled="!isDirty">Save</button>
            <UndoButtons
              :can-take-back="canTakeBack"
              :can-redo="canRedo"
              @take-back="draft.takeBack"
              @redo="draft.redo"
            />
            <button v-if="isDirty && chosen" type="button" class="side-deed !min-h-10" @click="draft.drop">
              Back to what is saved
            </button>
            <FormHistory
              v-if="chosen"
              kind="look"
              :subject="chosen.id"
              title="History of this look"
              @restore="(form) => (entry = form as Schemas['LookEntry'])"
            />
            <button v-if="!isDirty && chosen?.has_earlier" type="button" class="side-deed !min-h-10" @click="putBack">
              Restore the earlier one
            </button>
            <button
              v-if="!isDirty && chosen && !chosen.is_usual"
              type="button"
              class="side-deed !min-h-10"
              @click="makeUsual"
            >
              Make it the default
            </button>
            <button
              v-if="!isDirty && chosen && !chosen.is_usual"
              type="button"
              class="side-deed !min-h-10"
              @click="putAway(chosen, true)"
            >
              Archive
            </button>
            <button
              v-if="!isDirty && chosen && !chosen.is_usual && chosen.offers === 0"
              type="button"
              class="side-deed !min-h-10"
              @click="remove"
            >
              Delete
            </button>
            <RouterLink :to="{ name: 'offers', params: { shop: session.slug } }" class="follow ml-auto"
              >To the offers</RouterLink
            >
          </div>
        </form>
      </div>
    </div>
  </div>
</template>
