<script setup lang="ts">
import { computed } from 'vue'
import type { Refusal, Schemas } from '../../lib/client'
import { sentenceAt } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import { useUploadField } from '../../lib/uploadPicture'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { WIDTHS } from '../../kit/widths'
import ColourField from './ColourField.vue'
import LookPicture from './LookPicture.vue'

/** The values of a look. What is said of them comes from the server. */
const props = defineProps<{ trial: Schemas['LookTrial'] | null; refusal: Refusal | null }>()
const entry = defineModel<Schemas['LookEntry']>({ required: true })

const SHADOWS = [
  { value: 'none' as const, label: 'none' },
  { value: 'soft' as const, label: 'soft' },
  { value: 'edge' as const, label: 'an edge below' },
]
const FONTS = [
  { value: 'host' as const, label: 'as the page' },
  { value: 'plain' as const, label: 'plain' },
  { value: 'round' as const, label: 'round' },
  { value: 'serif' as const, label: 'with serifs' },
  { value: 'mono' as const, label: 'even width' },
]
const ICONS = [
  { value: 'none' as const, label: 'none' },
  { value: 'kite' as const, label: 'a kite' },
  { value: 'line' as const, label: 'a line that leads on' },
  { value: 'parcel' as const, label: 'a parcel' },
  { value: 'leaf' as const, label: 'a leaf' },
]
const SIDES = [
  { value: 'start' as const, label: 'at the start' },
  { value: 'middle' as const, label: 'in the middle' },
  { value: 'end' as const, label: 'at the end' },
]
const session = useSession()
/** Lengths that fit together; whoever types others has a size of their own. */
const steps = computed(() => session.lists?.button_sizes ?? [])
const sizes = computed(() => [
  ...steps.value.map(({ value, label }) => ({ value, label })),
  ...(size.value === 'own' ? [{ value: 'own', label: 'my own' }] : []),
])
const size = computed({
  get: () =>
    steps.value.find(
      (step) =>
        step.font_size === entry.value.font_size &&
        step.padding_block === entry.value.padding_block &&
        step.padding_inline === entry.value.padding_inline,
    )?.value ?? 'own',
  set: (chosen) => {
    const step = steps.value.find(({ value }) => value === chosen)
    if (step) set({ font_size: step.font_size, padding_block: step.padding_block, padding_inline: step.padding_inline })
  },
})
const hasIcon = computed(() => entry.value.icon_id !== null || entry.value.icon_path !== '')

function set(part: Partial<Schemas['LookEntry']>): void {
  entry.value = { ...entry.value, ...part }
}

function errorAt(field: keyof Schemas['LookEntry']): string | undefined {
  return sentenceAt(props.refusal, field) ?? props.trial?.errors[field]
}

const { value, field } = useFields(entry, set, errorAt)

function proposalAt(field: string): string | null | undefined {
  return props.trial?.doubts.find(({ at }) => at === field)?.proposal
}

const { refused, upload } = useUploadField(({ id, path }) => set({ icon_id: id, icon_path: path }), 'icon')
</script>

<template>
  <LedgerRow title="Name">
    <TextField v-bind="value('name')" label="Name of the look" :error="sentenceAt(refusal, 'name')" />
  </LedgerRow>
  <LedgerRow title="Colours">
    <SwitchField v-bind="value('follows_page')" class="mb-3" label="Follow the page: its colours and its font" />
    <div v-if="!entry.follows_page" class="grid gap-4 sm:grid-cols-3">
      <ColourField v-bind="field('fill')" label="Fill" />
      <ColourField v-bind="field('ink')" label="Words" :proposal="proposalAt('ink')" />
      <ColourField v-bind="field('border')" label="Border" :proposal="proposalAt('border')" />
    </div>
    <p class="mt-2 text-sm text-pencil">
      Hover, focus, pressed, disabled and dark are worked out from these, so that they stay readable.
    </p>
  </LedgerRow>
  <LedgerRow title="Shape">
    <SegmentedChoice v-model="size" class="mb-4" label="Size" :choices="sizes" />
    <div class="grid gap-4 sm:grid-cols-3">
      <TextField v-bind="field('border_width')" label="Border, px" inputmode="numeric" />
      <TextField v-bind="field('corner')" label="Rounded corners ◤◢, px" inputmode="numeric" />
      <TextField v-bind="field('cross_corner')" label="Rounded corners ◥◣, px" inputmode="numeric" />
      <TextField v-bind="field('padding_block')" label="Space inside, top and bottom, px" inputmode="numeric" />
      <TextField v-bind="field('padding_inline')" label="Space inside, left and right, px" inputmode="numeric" />
      <PickField v-bind="value('shadow')" label="Shadow" :choices="SHADOWS" />
      <PickField v-bind="value('width')" label="Width" :choices="WIDTHS" />
      <TextField
        v-if="entry.width === 'percent'"
        v-bind="field('width_percent')"
        label="Part of the page, %"
        inputmode="numeric"
      />
      <PickField v-bind="value('alignment')" label="Words stand" :choices="SIDES" />
      <PickField v-if="entry.width !== 'full'" v-bind="value('place')" label="Button stands" :choices="SIDES" />
    </div>
  </LedgerRow>
  <LedgerRow title="Words">
    <div class="grid gap-4 sm:grid-cols-3">
      <PickField v-bind="value('font')" label="Font" :choices="FONTS" />
      <TextField v-bind="field('font_size')" label="Size, px" inputmode="numeric" />
      <SwitchField v-bind="value('is_bold')" class="self-end pb-1.5" label="Bold" />
      <PickField v-if="!hasIcon" v-bind="value('icon')" label="Icon" :choices="ICONS" />
      <div v-else class="flex items-end gap-3">
        <img :src="entry.icon_path" alt="Your own icon" class="h-10 max-w-24 object-contain" />
        <button type="button" class="side-deed" @click="set({ icon_id: null, icon_path: '' })">
          Without your own icon
        </button>
      </div>
      <div>
        <label class="block"
          ><span class="mb-1 block font-medium">Your own icon</span>
          <input
            type="file"
            accept="image/svg+xml,image/png,image/jpeg,image/webp,image/gif"
            class="w-full text-sm"
            @change="upload"
        /></label>
        <p v-if="refused" class="text-sm text-wrong" role="alert">{{ refused }}</p>
        <p v-else class="text-sm text-pencil">An SVG drawing, or a picture; it keeps its colours.</p>
      </div>
      <template v-if="entry.icon !== 'none' || hasIcon">
        <PickField
          v-bind="value('icon_side')"
          label="Icon stands"
          :choices="SIDES.filter(({ value }) => value !== 'middle')"
        />
        <TextField v-bind="field('icon_gap')" label="Gap, px" inputmode="numeric" />
      </template>
    </div>
  </LedgerRow>
  <LookPicture v-model="entry" :error-at="errorAt" />
  <LedgerRow title="Classes">
    <TextField
      v-bind="field('classes')"
      label="Names of classes"
      note="For the style sheet of the page where it stands, with spaces between them."
      is-mono
    />
  </LedgerRow>
</template>
