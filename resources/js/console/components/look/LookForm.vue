<script setup lang="ts">
import { computed } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../../shared/client'
import { sentenceAt } from '../../../shared/client'
import { useSession } from '../../stores/session'
import LedgerRow from '../LedgerRow.vue'
import PickField from '../PickField.vue'
import SwitchField from '../SwitchField.vue'
import TextField from '../TextField.vue'
import ColourField from './ColourField.vue'

/** The values of a look. What is said of them comes from the server. */
const props = defineProps<{ trial: Schemas['LookTrial'] | null; refusal: Refusal | null }>()
const entry = defineModel<Schemas['LookEntry']>({ required: true })
const session = useSession()

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
const WIDTHS = [
  { value: 'own' as const, label: 'as its words need' },
  { value: 'percent' as const, label: 'part of the page' },
  { value: 'full' as const, label: 'all of the page' },
]
const SIDES = [
  { value: 'start' as const, label: 'at the start' },
  { value: 'middle' as const, label: 'in the middle' },
  { value: 'end' as const, label: 'at the end' },
]
const hasPicture = computed(() => entry.value.picture_id !== null || entry.value.picture_path !== '')

function set(part: Partial<Schemas['LookEntry']>): void {
  entry.value = { ...entry.value, ...part }
}

function errorAt(field: keyof Schemas['LookEntry']): string | undefined {
  return sentenceAt(props.refusal, field) ?? props.trial?.errors[field]
}

function proposalAt(field: string): string | null | undefined {
  return props.trial?.doubts.find(({ at }) => at === field)?.proposal
}

async function upload(event: Event): Promise<void> {
  const file = event.target instanceof HTMLInputElement ? event.target.files?.[0] : undefined
  if (!file) return
  const body = new FormData()
  body.append('picture', file)
  const { data } = await outcome(
    api.POST('/shops/{shop}/pictures', {
      params: { path: { shop: session.slug } },
      body: { picture: file.name },
      bodySerializer: () => body,
    }),
  )
  if (data) set({ picture_id: data.id, picture_path: data.path })
}
</script>

<template>
  <LedgerRow title="Name">
    <TextField
      label="Name of the look"
      :model-value="entry.name"
      :error="sentenceAt(refusal, 'name')"
      @update:model-value="(name) => set({ name })"
    />
  </LedgerRow>
  <LedgerRow title="Colours">
    <SwitchField
      class="mb-3"
      label="Follow the page: its colours and its font"
      :model-value="entry.follows_page"
      @update:model-value="(follows_page) => set({ follows_page })"
    />
    <div v-if="!entry.follows_page" class="grid gap-4 sm:grid-cols-3">
      <ColourField
        label="Fill"
        :model-value="entry.fill"
        :error="errorAt('fill')"
        @update:model-value="(fill) => set({ fill })"
      />
      <ColourField
        label="Words"
        :model-value="entry.ink"
        :error="errorAt('ink')"
        :proposal="proposalAt('ink')"
        @update:model-value="(ink) => set({ ink })"
      />
      <ColourField
        label="Border"
        :model-value="entry.border"
        :error="errorAt('border')"
        :proposal="proposalAt('border')"
        @update:model-value="(border) => set({ border })"
      />
    </div>
    <p class="mt-2 text-sm text-pencil">
      Hover, focus, pressed, disabled and dark are worked out from these, so that they stay readable.
    </p>
  </LedgerRow>
  <LedgerRow title="Shape">
    <div class="grid gap-4 sm:grid-cols-3">
      <TextField
        label="Border, px"
        inputmode="numeric"
        :model-value="entry.border_width"
        :error="errorAt('border_width')"
        @update:model-value="(border_width) => set({ border_width })"
      />
      <TextField
        label="Corners ◤◢, px"
        inputmode="numeric"
        :model-value="entry.corner"
        :error="errorAt('corner')"
        @update:model-value="(corner) => set({ corner })"
      />
      <TextField
        label="Corners ◥◣, px"
        inputmode="numeric"
        :model-value="entry.cross_corner"
        :error="errorAt('cross_corner')"
        @update:model-value="(cross_corner) => set({ cross_corner })"
      />
      <TextField
        label="Room above and below, px"
        inputmode="numeric"
        :model-value="entry.padding_block"
        :error="errorAt('padding_block')"
        @update:model-value="(padding_block) => set({ padding_block })"
      />
      <TextField
        label="Room at the sides, px"
        inputmode="numeric"
        :model-value="entry.padding_inline"
        :error="errorAt('padding_inline')"
        @update:model-value="(padding_inline) => set({ padding_inline })"
      />
      <PickField
        label="Shadow"
        :model-value="entry.shadow"
        :choices="SHADOWS"
        @update:model-value="(shadow) => set({ shadow })"
      />
      <PickField
        label="Width"
        :model-value="entry.width"
        :choices="WIDTHS"
        @update:model-value="(width) => set({ width })"
      />
      <TextField
        v-if="entry.width === 'percent'"
        label="Part of the page, %"
        inputmode="numeric"
        :model-value="entry.width_percent"
        :error="errorAt('width_percent')"
        @update:model-value="(width_percent) => set({ width_percent })"
      />
      <PickField
        label="Words stand"
        :model-value="entry.alignment"
        :choices="SIDES"
        @update:model-value="(alignment) => set({ alignment })"
      />
    </div>
  </LedgerRow>
  <LedgerRow title="Words">
    <div class="grid gap-4 sm:grid-cols-3">
      <PickField
        label="Font"
        :model-value="entry.font"
        :choices="FONTS"
        @update:model-value="(font) => set({ font })"
      />
      <TextField
        label="Size, px"
        inputmode="numeric"
        :model-value="entry.font_size"
        :error="errorAt('font_size')"
        @update:model-value="(font_size) => set({ font_size })"
      />
      <SwitchField
        class="self-end pb-1.5"
        label="Bold"
        :model-value="entry.is_bold"
        @update:model-value="(is_bold) => set({ is_bold })"
      />
      <PickField
        label="Mark"
        :model-value="entry.icon"
        :choices="ICONS"
        @update:model-value="(icon) => set({ icon })"
      />
      <template v-if="entry.icon !== 'none'">
        <PickField
          label="The mark stands"
          :model-value="entry.icon_side"
          :choices="SIDES.filter(({ value }) => value !== 'middle')"
          @update:model-value="(icon_side) => set({ icon_side })"
        />
        <TextField
          label="Gap, px"
          inputmode="numeric"
          :model-value="entry.icon_gap"
          :error="errorAt('icon_gap')"
          @update:model-value="(icon_gap) => set({ icon_gap })"
        />
      </template>
    </div>
  </LedgerRow>
  <LedgerRow title="Picture">
    <p class="mb-2 text-sm text-pencil">A picture of your own in place of a drawn button.</p>
    <div class="grid gap-4 sm:grid-cols-3">
      <label class="block"
        ><span class="mb-1 block font-medium">{{ hasPicture ? 'Another picture' : 'Picture' }}</span>
        <input type="file" accept="image/png,image/jpeg,image/webp,image/gif" class="w-full text-sm" @change="upload"
      /></label>
      <template v-if="hasPicture">
        <TextField
          label="What stands on it"
          :model-value="entry.picture_text"
          :error="errorAt('picture_text')"
          @update:model-value="(picture_text) => set({ picture_text })"
        />
        <PickField
          label="Its size is"
          :model-value="entry.picture_side"
          :choices="[
            { value: 'width', label: 'its width' },
            { value: 'height', label: 'its height' },
          ]"
          @update:model-value="(picture_side) => set({ picture_side })"
        />
        <TextField
          label="Size"
          inputmode="numeric"
          note="The other side follows."
          :model-value="entry.picture_size"
          :error="errorAt('picture_size')"
          @update:model-value="(picture_size) => set({ picture_size })"
        />
        <PickField
          label="In"
          :model-value="entry.picture_unit"
          :choices="[
            { value: 'px', label: 'px' },
            { value: '%', label: '% of the page' },
          ]"
          @update:model-value="(picture_unit) => set({ picture_unit })"
        />
        <button
          type="button"
          class="side-deed self-end"
          @click="set({ picture_id: null, picture_path: '', picture_text: '' })"
        >
          Without a picture
        </button>
      </template>
    </div>
  </LedgerRow>
  <LedgerRow title="Classes">
    <TextField
      label="Names of classes"
      note="For the style sheet of the page where it stands, with spaces between them."
      is-mono
      :model-value="entry.classes"
      :error="errorAt('classes')"
      @update:model-value="(classes) => set({ classes })"
    />
  </LedgerRow>
</template>
