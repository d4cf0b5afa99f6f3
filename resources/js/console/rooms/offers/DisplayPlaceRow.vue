<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { ref } from 'vue'
import type { Schemas } from '../../lib/client'
import CopyButton from '../../kit/CopyButton.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import TraceLine from '../../kit/TraceLine.vue'
import QrPicture from './desk/QrPicture.vue'

/** One place: what is pasted there, how often it was clicked, and what can be changed of it. */
const props = defineProps<{ place: Schemas['DisplayPlace']; refusal: string | undefined }>()
const emit = defineEmits<{ change: [as: Schemas['DisplayPlaceEntry']]; remove: [] }>()
const page = ref(props.place.page)
</script>

<template>
  <li class="border-b border-rule py-3" data-display-place>
    <p class="mb-2 flex flex-wrap items-baseline justify-between gap-x-4">
      <span class="min-w-0"
        ><bdi class="font-semibold">{{ place.page }}</bdi
        ><span v-if="place.is_paused" class="ml-2 text-sm text-amber">paused</span></span
      >
      <TraceLine :trace="place.trace" />
    </p>
    <div class="flex flex-wrap gap-2">
      <CopyButton :text="place.snippet" label="Copy widget" />
      <CopyButton :text="place.url" label="Copy link" />
    </div>
    <p class="mt-2 font-mono text-xs break-all" data-address>{{ place.url }}</p>
    <Disclosure>
      <DisclosureButton class="mt-1 text-sm font-medium text-sea">QR code, name, pause</DisclosureButton>
      <DisclosurePanel class="mt-2 grid gap-3">
        <QrPicture :text="place.url" :name="place.page" />
        <form
          class="flex flex-wrap items-end gap-2"
          novalidate
          @submit.prevent="emit('change', { page, is_paused: place.is_paused })"
        >
          <TextField v-model="page" class="min-w-40 flex-1" label="Name of the place" :error="refusal" />
          <button type="submit" class="side-deed !min-h-10" :disabled="page === place.page">Save the name</button>
        </form>
        <SwitchField
          label="Paused here"
          :model-value="place.is_paused"
          @update:model-value="(is_paused) => emit('change', { page: place.page, is_paused })"
        />
        <div>
          <p class="mb-1 text-sm text-pencil">A page with a Content-Security-Policy has to allow:</p>
          <p class="font-mono text-xs break-all">{{ place.policy }}</p>
        </div>
        <p class="text-sm text-pencil">
          <button type="button" class="follow mr-2 min-h-7" @click="emit('remove')">Delete this place</button>
          Its link then says that it has ended. For 30 days it can be taken back.
        </p>
      </DisclosurePanel>
    </Disclosure>
  </li>
</template>
