<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Refusal, Schemas } from '../../../shared/client'
import { sentenceAt } from '../../../shared/client'
import { useSession } from '../../stores/session'
import PickField from '../PickField.vue'
import SwitchField from '../SwitchField.vue'
import TextField from '../TextField.vue'

/** What a place is called, says and counts as; it can rest while the others go on. */
const props = defineProps<{
  placement: Schemas['Placement']
  change: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
}>()
const session = useSession()
const entry = ref<Schemas['PlacementEntry']>({
  page: props.placement.page,
  medium: props.placement.medium.key,
  label: props.placement.label,
  caption: props.placement.caption,
  is_paused: props.placement.is_paused,
})
const refusal = ref<Refusal | null>(null)
const isSaved = ref(false)
const media = computed(() => (session.shop?.media ?? []).map(({ key, label }) => ({ value: key, label })))

function set(part: Partial<Schemas['PlacementEntry']>): void {
  entry.value = { ...entry.value, ...part }
  isSaved.value = false
}

async function save(): Promise<void> {
  refusal.value = await props.change(entry.value)
  isSaved.value = refusal.value === null
}
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="save">
    <TextField
      label="Name of the place"
      :model-value="entry.page"
      :error="sentenceAt(refusal, 'page')"
      @update:model-value="(page) => set({ page })"
    />
    <PickField
      v-if="placement.price_table_id === null"
      label="As"
      :model-value="entry.medium"
      :choices="media"
      @update:model-value="(medium) => set({ medium })"
    />
    <TextField
      label="Own caption"
      note="Blank: as the offer says."
      :model-value="entry.caption"
      :error="sentenceAt(refusal, 'caption')"
      @update:model-value="(caption) => set({ caption })"
    />
    <TextField
      label="Label in the results"
      note="Blank: counted under its name."
      :model-value="entry.label"
      :error="sentenceAt(refusal, 'label')"
      @update:model-value="(label) => set({ label })"
    />
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
