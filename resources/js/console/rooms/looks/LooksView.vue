<script setup lang="ts">
import {
  Disclosure,
  DisclosureButton,
  DisclosurePanel,
  RadioGroup,
  RadioGroupLabel,
  RadioGroupOption,
} from '@headlessui/vue'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../lib/client'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import ComparedLooks from './ComparedLooks.vue'
import LookForm from './LookForm.vue'
import LookSwatch from '../../kit/LookSwatch.vue'
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

const inUse = computed(() => looks.value.filter(({ is_away }) => !is_away))
const listed = computed(() => inUse.value.filter(({ id }) => found.value === null || found.value.includes(id)))
const away = computed(() => looks.value.filter(({ is_away }) => is_away))
const others = computed(() => inUse.value.filter(({ id }) => id !== chosen.value?.id))
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
      <div>
        <input
          v-if="inUse.length > 6"
          v-model="search"
          type="search"
          class="entry mb-2"
          aria-label="Find a look"
          placeholder="Find a look"
        />
        <RadioGroup :model-value="chosen?.id ?? 0" @update:model-value="choose">
          <RadioGroupLabel as="span" class="sr-only">Look</RadioGroupLabel>
          <RadioGroupOption
            v-for="look in listed"
            :key="look.id"
            v-slot="{ checked, active }"
            :value="look.id"
            as="template"
          >
            <div
              class="flex cursor-pointer items-center gap-3 border-l-4 px-3 py-2"
              :class="[checked ? 'border-silk' : 'border-transparent', { 'bg-sheet': active }]"
            >
              <LookSwatch :entry="look.entry" />
              <span class="min-w-0">
                <span class="block truncate font-medium" dir="auto">{{ look.name }}</span>
                <span class="block text-sm text-pencil"
                  >{{ look.offers === 1 ? 'one offer' : `${look.offers} offers`
                  }}<template v-if="look.is_usual">, and by default</template></span
                >
              </span>
            </div>
          </RadioGroupOption>
        </RadioGroup>
        <button v-if="chosen" type="button" class="side-deed mt-4" @click="beginFrom(chosen)">
          Duplicate this look
        </button>
        <Disclosure v-if="away.length > 0" v-slot="{ open }" as="div" class="mt-4">
          <DisclosureButton class="follow min-h-8"
            >{{ open ? 'Close the archive' : `Archived: ${away.length}` }}
          </DisclosureButton>
          <DisclosurePanel as="ul" class="mt-1">
            <li v-for="look in away" :key="look.id" class="flex items-center gap-3 py-1.5">
              <LookSwatch :entry="look.entry" />
              <span class="min-w-0 flex-1 truncate" dir="auto">{{ look.name }}</span>
              <button type="button" class="follow min-h-8" :disabled="isDirty" @click="putAway(look, false)">
                Bring back <span class="sr-only">{{ look.name }}</span>
              </button>
            </li>
          </DisclosurePanel>
        </Disclosure>
      </div>
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
