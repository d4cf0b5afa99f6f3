<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import type { Refusal, Schemas } from '../../../lib/client'
import { api, outcome, sentenceAt } from '../../../lib/client'
import DraftGuard from '../../../kit/DraftGuard.vue'
import { useDraft } from '../../../lib/useDraft'
import { useFields } from '../../../lib/useFields'
import { useSession } from '../../../lib/session'
import PickField from '../../../kit/PickField.vue'
import SwitchField from '../../../kit/SwitchField.vue'
import TextField from '../../../kit/TextField.vue'
import { WIDTHS } from '../../../kit/widths'

/** What a place is called, says and counts as; it can rest while the others go on. */
const props = defineProps<{
  placement: Schemas['Placement']
  change: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
}>()
const session = useSession()
const entry = ref<Required<Schemas['PlacementEntry']>>({
  page: props.placement.page,
  medium: props.placement.medium.key,
  form: props.placement.form,
  label: props.placement.label,
  caption: props.placement.caption,
  is_paused: props.placement.is_paused,
  brings_sheet: props.placement.brings_sheet,
  look_id: props.placement.look_id,
  width: props.placement.width,
  width_percent: props.placement.width_percent,
})
const draft = useDraft(() => `${session.key}/place/${props.placement.id}`, entry, { isHeard: false })
draft.begin(0)
const refusal = ref<Refusal | null>(null)
const isSaved = ref(false)
const widths = [{ value: '' as const, label: 'as the look says' }, ...WIDTHS]
/** What is drawn has a look. */
const isDrawn = computed(() => ['html', 'widget', 'email', 'price_table'].includes(entry.value.medium))
const all = ref<Schemas['Look'][]>([])
const looks = computed(() => [
  { value: '', label: 'as the offer' },
  ...all.value
    // One that is put away is offered only where it is worn.
    .filter(({ id, is_away }) => !is_away || id === props.placement.look_id)
    .map(({ id, name }) => ({ value: String(id), label: name })),
])
onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/looks', { params: { path: { shop: session.slug } } }))
  all.value = data?.items ?? []
})
const media = computed(() => (session.lists?.media ?? []).map(({ key, label }) => ({ value: key, label })))

function set(part: Partial<Schemas['PlacementEntry']>): void {
  entry.value = { ...entry.value, ...part }
  isSaved.value = false
}

const { value, field } = useFields(entry, set, (at) => sentenceAt(refusal.value, at))

async function save(): Promise<void> {
  const sent = draft.send()
  refusal.value = await props.change(entry.value)
  if (refusal.value) return
  sent.settle()
  isSaved.value = !draft.isDirty.value
}
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="save">
    <div class="-mb-3"><DraftGuard :draft="draft" /></div>
    <TextField v-bind="field('page')" label="Name of the place" />
    <PickField v-if="placement.price_table_id === null" v-bind="value('medium')" label="As" :choices="media" />
    <PickField
      v-if="entry.medium === 'widget'"
      v-bind="value('form')"
      label="It shows"
      :choices="session.lists?.widget_forms ?? []"
    />
    <TextField v-bind="field('caption')" label="Own caption" note="Blank: as the offer says." />
    <template v-if="isDrawn">
      <PickField
        :model-value="String(entry.look_id ?? '')"
        label="Look here"
        :choices="looks"
        @update:model-value="(id) => set({ look_id: id === '' ? null : Number(id) })"
      />
      <PickField
        v-if="entry.medium !== 'email'"
        :model-value="entry.width"
        label="Width here"
        :choices="widths"
        @update:model-value="
          (width) => set({ width, width_percent: width === 'percent' ? entry.width_percent || '50' : '' })
        "
      />
      <TextField
        v-if="entry.width === 'percent'"
        v-bind="field('width_percent')"
        label="Part of the page, %"
        inputmode="numeric"
      />
    </template>
    <TextField
      v-bind="field('label')"
      label="Label"
      note="Clicks are counted by it too: see “Write a link yourself”."
    />
    <div v-if="entry.medium === 'html'">
      <SwitchField
        label="Its colours change when pointed at, pressed, or on a dark page"
        :model-value="entry.brings_sheet"
        @update:model-value="(brings_sheet) => set({ brings_sheet })"
      />
      <p class="text-sm text-pencil">Brings a small style sheet along. Copy the button again afterwards.</p>
    </div>
    <SwitchField
      label="Paused here"
      :model-value="entry.is_paused ?? false"
      @update:model-value="(is_paused) => set({ is_paused })"
    />
    <p class="flex items-center gap-3">
      <button type="submit" class="side-deed">Save this place</button>
      <span class="text-sm text-pencil" role="status">{{ isSaved ? 'Saved.' : '' }}</span>
    </p>
  </form>
</template>
