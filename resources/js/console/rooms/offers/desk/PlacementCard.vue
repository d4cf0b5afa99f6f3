<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../../lib/client'
import { useDeleting } from '../../../lib/deleting'
import { useKeys } from '../../../lib/useKeys'
import { useSession } from '../../../lib/session'
import CopyButton from '../../../kit/CopyButton.vue'
import LinkAnatomy from '../../../kit/LinkAnatomy.vue'
import PlacementDetails from './PlacementDetails.vue'
import TraceLine from '../../../kit/TraceLine.vue'
import QrPicture from './QrPicture.vue'
import WhereItGoes from '../../../kit/WhereItGoes.vue'
import { useDates } from '../../../lib/useDates'

const { dayAndTime } = useDates()
/** One place of an offer: its link taken apart, what is pasted there, and what became of the copy. */
const props = defineProps<{
  placement: Schemas['Placement']
  isUnsaved: boolean
  isDraft: boolean
  change: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  /** Where the offer is a draft that can be published: to copy is to publish. Whether it was. */
  publish?: (() => Promise<boolean>) | undefined
}>()
const emit = defineEmits<{ copied: [digest: string] }>()
const session = useSession()
/** A link and its QR code hold nothing but the address, which has a button of its own. */
const isPasted = computed(
  () => props.placement.price_table_id === null && !['link', 'qr'].includes(props.placement.medium.key),
)
const snippetButton = useTemplateRef<{ run: () => void }>('snippetButton')
const mailed = ref<{ isSent: boolean; words: string } | null>(null)
const linkButton = useTemplateRef<{ run: () => void }>('linkButton')

async function mail(placement: number): Promise<void> {
  const { data, refusal } = await outcome(
    api.POST('/shops/{shop}/placements/{placement}/trial', { params: { path: { shop: session.slug, placement } } }),
  )
  mailed.value = data ? { isSent: true, words: `On its way to ${data.to}.` } : { isSent: false, words: refusal.message }
}

const trace = ref<number[] | null>(null)
onMounted(async () => {
  const path = { shop: session.slug, placement: props.placement.id }
  const { data } = await outcome(api.GET('/shops/{shop}/placements/{placement}/clicks', { params: { path } }))
  trace.value = data?.trace ?? null
})

const complaint = ref('')
const deleting = useDeleting()

async function remove(): Promise<void> {
  complaint.value = (await deleting.remove('place', props.placement.id, props.placement.page))?.message ?? ''
}

/** To publish takes more than a single key. */
function copyOnly(run: (() => void) | undefined): void {
  if (!props.publish) run?.()
}

useKeys(
  { key: 'c', does: 'Copy what is pasted', run: () => copyOnly((snippetButton.value ?? linkButton.value)?.run) },
  { key: 'l', does: 'Copy the link', run: () => copyOnly(linkButton.value?.run) },
)
</script>

<template>
  <p v-if="isDraft" class="mb-2 text-sm text-amber" data-draft>
    This offer is a draft: until you publish it, whoever clicks reads that it is not published yet.
  </p>
  <p v-if="placement.is_paused" class="mb-2 text-sm text-amber">
    Paused here: whoever clicks reads that it is not for sale just now.
  </p>
  <p v-if="placement.is_stale" class="mb-2 text-sm text-amber" role="status">
    The copy of {{ dayAndTime(placement.copied_at ?? '') }} no longer says what the offer says; copy it again and paste
    it anew.
  </p>
  <p v-if="trace" class="mb-2" data-clicks><TraceLine :trace="trace" /></p>
  <p v-if="placement.does_here" class="mb-2 text-sm" data-does-here>{{ placement.does_here }}</p>
  <LinkAnatomy class="mb-3" :parts="placement.anatomy" />
  <div class="mb-2 flex flex-wrap gap-2">
    <CopyButton
      ref="linkButton"
      :text="placement.url"
      :label="publish ? 'Publish and copy link' : 'Copy link'"
      :before="publish"
      :shortcut="publish ? undefined : 'l'"
    />
    <CopyButton
      v-if="isPasted"
      ref="snippetButton"
      :text="placement.snippet"
      :label="`${publish ? 'Publish and copy' : 'Copy'} ${placement.medium.label}`"
      :before="publish"
      :shortcut="publish ? undefined : 'c'"
      @copied="emit('copied', placement.digest)"
    />
    <button v-if="placement.medium.key === 'email'" type="button" class="side-deed" @click="mail(placement.id)">
      Send it to me by e-mail
    </button>
  </div>
  <p v-if="mailed" class="mb-2 text-sm" :class="mailed.isSent ? 'text-good' : 'text-wrong'" role="status">
    {{ mailed.words }}
  </p>
  <QrPicture v-if="placement.medium.key === 'qr'" :text="placement.snippet" :name="placement.page" />
  <pre
    v-if="isPasted"
    tabindex="0"
    role="region"
    :aria-label="`What is pasted: ${placement.medium.label}`"
    class="mb-1 max-h-11 overflow-auto border border-rule bg-sheet px-2 py-1 font-mono text-xs break-all whitespace-pre-wrap"
    data-snippet
    >{{ placement.snippet }}</pre>
  <p class="mb-2 text-sm leading-snug text-pencil">
    <strong v-if="isUnsaved && !placement.medium.is_live" class="text-amber"
      >Save first: this still has the saved words.
    </strong>
    <RouterLink
      v-if="placement.price_table_id"
      class="follow"
      :to="{ name: 'price-table', params: { shop: session.slug, id: placement.price_table_id } }"
      >{{ placement.medium.note }}</RouterLink
    >
    <template v-else>{{ placement.medium.note }}</template>
  </p>
  <WhereItGoes :placement="placement" />
  <Disclosure v-if="placement.policy" as="div" class="border-t border-rule py-2">
    <DisclosureButton class="text-sm font-medium text-sea">Is the page strict about scripts?</DisclosureButton>
    <DisclosurePanel class="mt-2 text-sm">
      <p class="mb-2 text-pencil">
        Some sites only run scripts from hosts that they list in a Content-Security-Policy. This goes into that list:
      </p>
      <p class="mb-2 font-mono text-xs break-all" data-policy>{{ placement.policy }}</p>
      <CopyButton :text="placement.policy" label="Copy this line" />
    </DisclosurePanel>
  </Disclosure>
  <Disclosure as="div" class="border-t border-rule pt-2">
    <DisclosureButton class="text-sm font-medium text-sea">Name, words and look of this place</DisclosureButton>
    <DisclosurePanel class="mt-2">
      <PlacementDetails :placement="placement" :change="change" />
      <p v-if="placement.price_table_id === null" class="mt-3 text-sm text-pencil">
        <button type="button" class="follow mr-2 min-h-7" @click="remove">Delete this place</button>
        Its link then says that this offer is no longer there. For 30 days it can be taken back.
      </p>
      <p v-if="complaint" class="text-sm text-wrong" role="alert">{{ complaint }}</p>
    </DisclosurePanel>
  </Disclosure>
</template>
