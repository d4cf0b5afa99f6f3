<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../lib/client'
import { useDates } from '../lib/useDates'
import { useSession } from '../lib/session'
import ModalDialog from './ModalDialog.vue'
import PageTurner from './PageTurner.vue'

/** What a form has said, change by change; any of it can be put into the form again. */
type Kind =
  | 'product'
  | 'rules'
  | 'checkout'
  | 'shopfront'
  | 'words'
  | 'look'
  | 'price_table'
  | 'shelf'
  | 'coupon'
  | 'marketplace'
  | 'page_look'
  | 'partner_rules'
const props = defineProps<{ kind: Kind; subject?: number; title: string }>()
const emit = defineEmits<{ restore: [form: Record<string, unknown>] }>()
const { dayAndTime } = useDates()
const session = useSession()
const isOpen = ref(false)
const history = ref<Schemas['FormHistory'] | null>(null)
const refusal = ref<Refusal | null>(null)

watch(isOpen, (opens) => opens && void load(1))

async function load(page: number): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/history/{kind}/{subject}', {
      params: { path: { shop: session.slug, kind: props.kind, subject: props.subject ?? 0 }, query: { page } },
    }),
  )
  refusal.value = refused ?? null
  if (data) history.value = data
}

function restore(form: Record<string, unknown>): void {
  isOpen.value = false
  emit('restore', form)
}
</script>

<template>
  <button type="button" class="side-deed !min-h-10" @click="isOpen = true">History</button>
  <ModalDialog :is-open="isOpen" :title="title" is-wide @close="isOpen = false">
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!history && !refusal" class="mb-4 text-pencil">Loading…</p>
    <p v-if="history?.items.length === 0" class="mb-4 text-pencil">
      Nothing has been changed since the history began; each change from now on is kept here.
    </p>
    <ol v-if="history" class="mb-4">
      <li
        v-for="(version, index) in history.items"
        :key="version.version"
        class="border-b border-rule py-3"
        data-version
      >
        <p class="flex flex-wrap items-baseline gap-x-3 text-sm text-pencil">
          <span>{{ dayAndTime(version.at) }}</span>
          <bdi v-if="version.person">{{ version.person }}</bdi>
          <span v-if="index === 0 && history.at.page === 1" class="ml-auto">as it is now</span>
          <button v-else type="button" class="follow ml-auto min-h-7" @click="restore(version.form)">
            Restore this version <span class="sr-only">(number {{ version.version }})</span>
          </button>
        </p>
        <p v-if="version.changes.length === 0" class="text-pencil">
          {{ version.person ? 'Saved without a change.' : 'As it was when the history began.' }}
        </p>
        <dl v-else class="grid gap-x-6 gap-y-0.5 sm:grid-cols-[12rem_minmax(0,1fr)]">
          <template v-for="change in version.changes" :key="change.label">
            <dt class="text-pencil">{{ change.label }}</dt>
            <dd class="[overflow-wrap:anywhere]">
              <del class="text-wrong" dir="auto">{{ change.before }}</del>
              <span aria-hidden="true"> → </span>
              <ins class="font-semibold text-good no-underline" dir="auto">{{ change.after }}</ins>
            </dd>
          </template>
        </dl>
      </li>
    </ol>
    <PageTurner v-if="history" :at="history.at" @turn="load" />
    <button type="button" class="side-deed" @click="isOpen = false">Close</button>
  </ModalDialog>
</template>
