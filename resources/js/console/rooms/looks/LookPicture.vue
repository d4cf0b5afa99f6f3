<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useUploadField } from '../../lib/uploadPicture'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'

type Entry = Schemas['LookEntry']

/** A picture in place of a drawn button. */
const props = defineProps<{ errorAt: (field: keyof Entry) => string | undefined }>()
const entry = defineModel<Entry>({ required: true })
const { field } = useFields(entry, set, props.errorAt)
const hasPicture = computed(() => entry.value.picture_id !== null || entry.value.picture_path !== '')
const { refused, upload } = useUploadField(({ id, path }) => set({ picture_id: id, picture_path: path }))

function set(part: Partial<Entry>): void {
  entry.value = { ...entry.value, ...part }
}
</script>

<template>
  <LedgerRow title="Picture">
    <p class="mb-2 text-sm text-pencil">A picture of your own in place of a drawn button.</p>
    <div class="grid gap-4 sm:grid-cols-3">
      <label class="block"
        ><span class="mb-1 block font-medium">{{ hasPicture ? 'Another picture' : 'Picture' }}</span>
        <input type="file" accept="image/png,image/jpeg,image/webp,image/gif" class="w-full text-sm" @change="upload"
      /></label>
      <p v-if="refused" class="text-sm text-wrong" role="alert">{{ refused }}</p>
      <template v-if="hasPicture">
        <TextField v-bind="field('picture_text')" label="What stands on it" />
        <PickField
          :model-value="entry.picture_side"
          label="The size is"
          :choices="[
            { value: 'width', label: 'its width' },
            { value: 'height', label: 'its height' },
          ]"
          @update:model-value="
            (picture_side) => set({ picture_side, ...(picture_side === 'height' ? { picture_unit: 'px' } : {}) })
          "
        />
        <TextField v-bind="field('picture_size')" label="Size" inputmode="numeric" note="The other side follows." />
        <PickField
          v-bind="field('picture_unit')"
          label="In"
          :choices="[
            { value: 'px', label: 'px' },
            ...(entry.picture_side === 'width' ? [{ value: '%' as const, label: '% of the space on the page' }] : []),
          ]"
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
</template>
