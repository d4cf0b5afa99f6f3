<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { useUploadField } from '../../lib/uploadPicture'
import TextField from '../../kit/TextField.vue'

/** A picture above the list of goods. */
defineProps<{ entry: Schemas['PageLookEntry']; error?: string | undefined }>()
const emit = defineEmits<{ change: [part: Partial<Schemas['PageLookEntry']>] }>()
const { refused, isComing, upload } = useUploadField(({ id, path }) =>
  emit('change', { banner_id: id, banner_path: path }),
)
</script>

<template>
  <div class="grid gap-2">
    <label class="block">
      <span class="mb-1 block font-medium">Picture above the list</span>
      <img
        v-if="entry.banner_path"
        :src="entry.banner_path"
        alt=""
        class="mb-2 max-h-28 w-full border border-rule object-cover"
      />
      <input type="file" accept="image/jpeg,image/png,image/webp,image/gif" class="w-full text-sm" @change="upload" />
    </label>
    <p class="text-sm text-pencil" role="status">
      {{ isComing ? 'Taking it in…' : 'Wide and not tall; up to 10 MB.' }}
    </p>
    <p v-if="refused" class="text-sm text-wrong" role="alert">{{ refused }}</p>
    <template v-if="entry.banner_path">
      <TextField
        label="What the picture shows"
        note="Blank: it only decorates."
        :model-value="entry.banner_text"
        :error="error"
        @update:model-value="(text) => emit('change', { banner_text: text })"
      />
      <button
        type="button"
        class="follow justify-self-start"
        @click="emit('change', { banner_id: null, banner_path: '', banner_text: '' })"
      >
        Remove the picture
      </button>
    </template>
  </div>
</template>
