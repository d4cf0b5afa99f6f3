<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import ModalDialog from '../../../kit/ModalDialog.vue'
import PageTurner from '../../../kit/PageTurner.vue'
import { useDates } from '../../../lib/useDates'

const { dayAndTime } = useDates()
/** What an offer has said, change by change; any of it can be put back on the desk. */
const props = defineProps<{ isOpen: boolean; offer: number }>()
defineEmits<{ close: []; restore: [entry: Schemas['OfferEntry']] }>()
const session = useSession()
const history = ref<Schemas['OfferHistory'] | null>(null)
const refusal = ref<Refusal | null>(null)

watch(
  () => props.isOpen,
  (isOpen) => isOpen && void load(1),
)

async function load(page: number): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/offers/{offer}/history', {
      params: { path: { shop: session.slug, offer: props.offer }, query: { page } },
    }),
  )
  refusal.value = refused ?? null
  if (data) history.value = data
}
</script>

<template>
  <ModalDialog :is-open="isOpen" title="History of this offer" is-wide @close="$emit('close')">
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="history?.items.length === 0" class="mb-4 text-pencil">
      Nothing has been changed since the history began; each change from now on is kept here.
    </p>
    <ol v-if="history" class="mb-4">
      <li v-for="version in history.items" :key="version.version" class="border-b border-rule py-3" data-version>
        <p class="flex flex-wrap items-baseline gap-x-3 text-sm text-pencil">
          <span>{{ dayAndTime(version.at) }}</span>
          <bdi v-if="version.person">{{ version.person }}</bdi>
          <button type="button" class="follow ml-auto" @click="$emit('restore', version.entry)">
            Restore this version <span class="sr-only">(number {{ version.version }})</span>
          </button>
        </p>
        <p class="sentence" dir="auto">
          <template v-for="(stretch, index) in version.difference" :key="index"
            ><del v-if="!stretch.is_there" class="text-wrong">{{ stretch.text }}</del
            ><ins v-else-if="!stretch.was_there" class="font-semibold text-good no-underline">{{ stretch.text }}</ins
            ><template v-else>{{ stretch.text }}</template></template
          >
        </p>
      </li>
    </ol>
    <PageTurner v-if="history" :at="history.at" @turn="load" />
    <button type="button" class="side-deed" @click="$emit('close')">Close</button>
  </ModalDialog>
</template>
