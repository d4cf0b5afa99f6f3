<script setup lang="ts">
import { computed, ref } from 'vue'
import CopyButton from '../../kit/CopyButton.vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PreviewFrame from '../../kit/PreviewFrame.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import DisplayPlaces from './DisplayPlaces.vue'
import DrawnWidget from '../../kit/DrawnWidget.vue'
import TableColumns from './TableColumns.vue'
import TextField from '../../kit/TextField.vue'
import type { Ground } from '../../kit/surroundings'
import { useDates } from '../../lib/useDates'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import { usePriceTable } from './usePriceTable'

const props = defineProps<{ id?: number; from?: number | undefined }>()
const { dayAndTime } = useDates()
const session = useSession()
const {
  thing: table,
  typed,
  entry,
  trial,
  refusal,
  draft,
  errorAt,
  discard,
  restore,
  save,
  putAway,
  remember,
  remove,
} = usePriceTable(props)
const { isDirty, wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)
const ground = ref<Ground>('light')
const AS = [
  { value: 'widget' as const, label: 'Widget' },
  { value: 'copy' as const, label: 'Copy' },
]
const shownAs = ref<'widget' | 'copy'>('widget')
const widget = computed(() =>
  trial.value ? { table: trial.value.table, words: trial.value.words, changesAt: null } : null,
)
const preview = computed(() => ({ table: JSON.stringify(entry.value) }))
</script>

<template>
  <div class="pt-6 pb-16">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <h1 class="sentence mb-4 text-3xl font-semibold">
      <bdi>{{ typed?.name || 'A price table' }}</bdi>
    </h1>
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="entry"
      @insist="save"
      @settle="(form, over) => save(over, form)"
      @reload="discard"
    />
    <KeptNotice :is-shown="wasKept" @drop="discard" />
    <p v-if="!typed && !refusal" class="text-pencil">Loading…</p>
    <div v-if="typed" class="grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <form class="min-w-0" novalidate @submit.prevent="save()">
        <LedgerRow title="Name">
          <TextField v-model="typed.name" label="Name of the table" :error="errorAt('name')" />
        </LedgerRow>
        <LedgerRow title="Columns">
          <TableColumns v-model="typed" :cautions="trial?.cautions ?? {}" :error-at="errorAt" />
          <p v-if="errorAt('columns')" class="mt-2 text-sm text-wrong" role="alert">{{ errorAt('columns') }}</p>
        </LedgerRow>
        <div class="flex flex-wrap gap-2">
          <button type="submit" class="deed" :disabled="!isDirty">Save</button>
          <button v-if="table && !isDirty" type="button" class="side-deed !min-h-10" @click="putAway(!table.is_away)">
            {{ table.is_away ? 'Bring back' : 'Archive' }}
          </button>
          <UndoButtons
            :can-take-back="canTakeBack"
            :can-redo="canRedo"
            @take-back="draft.takeBack"
            @redo="draft.redo"
          />
          <FormHistory
            v-if="table"
            kind="price_table"
            :subject="table.id"
            title="History of this price table"
            @restore="restore"
          />
          <template v-if="table">
            <RouterLink
              :to="{ name: 'new-price-table', params: { shop: session.slug }, query: { from: table.id } }"
              class="side-deed !min-h-10 content-center"
              >Duplicate</RouterLink
            >
            <button type="button" class="side-deed !min-h-10" @click="remove">Delete</button>
          </template>
        </div>
        <p v-if="table?.is_away" class="mt-2 text-sm text-pencil" role="status">
          It is archived, at the end of the list. What was copied of it goes on working.
        </p>
      </form>
      <section class="min-w-0 self-start lg:sticky lg:top-4" aria-labelledby="table-proof">
        <div class="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
          <h2 id="table-proof" class="sentence text-lg font-semibold">On the page</h2>
          <SegmentedChoice v-model="shownAs" label="as" :choices="AS" />
        </div>
        <PreviewFrame
          v-if="shownAs === 'widget' && typed.columns.length > 0"
          v-model:ground="ground"
          title="The price table as a widget"
          is-wide
        >
          <DrawnWidget v-if="widget" :told="widget" phase="idle" lang="en" />
        </PreviewFrame>
        <PreviewFrame
          v-else-if="typed.columns.length > 0"
          v-model:ground="ground"
          :address="`/preview/${session.slug}/tables`"
          :fields="preview"
          title="The price table as it will stand"
          is-wide
        />
        <p v-else class="text-pencil">Add the first offer to see the table here.</p>
        <template v-if="table && shownAs === 'widget'">
          <p v-if="isDirty" class="mt-3 text-sm font-medium text-amber">
            Save: until then the places show what was saved.
          </p>
          <p class="mt-3 text-sm text-pencil">
            Live: names, words, prices and states are always those of today, wherever the widget stands.
          </p>
          <DisplayPlaces :of="{ kind: 'price_table', id: table.id }" />
        </template>
        <template v-if="table && shownAs === 'copy'">
          <p v-if="table.is_stale" class="mt-3 text-sm text-amber" role="status">
            The copy of {{ dayAndTime(table.copied_at ?? '') }} no longer says what the offers say; copy it again and
            paste it anew.
          </p>
          <div v-if="!isDirty" class="mt-3 mb-2">
            <CopyButton :text="table.snippet" label="Copy the table" @copied="remember" />
          </div>
          <p v-else class="mt-3 mb-2 text-sm font-medium text-amber">Save, then copy the table from here.</p>
          <p class="text-sm text-pencil">
            A copy: its words, its look and its prices stay as they are today. What a click sells, what that costs and
            where it leads follow every change.
          </p>
        </template>
      </section>
    </div>
  </div>
</template>
