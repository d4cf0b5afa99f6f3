<script setup lang="ts">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { computed, ref, useTemplateRef, watch } from 'vue'
import type { Refusal, Schemas } from '../../shared/client'
import { sentenceAt } from '../../shared/client'
import { useKeys } from '../composables/useKeys'
import CopyButton from './CopyButton.vue'
import LinkAnatomy from './LinkAnatomy.vue'
import TextField from './TextField.vue'

const props = defineProps<{
  placements: Schemas['Placement'][]
  pages: string[]
  place: (page: string) => Promise<Refusal | null>
  isStale: boolean
}>()

const chosenId = ref<number | null>(null)
const page = ref('')
const refusal = ref<Refusal | null>(null)
const isPlacing = ref(false)
const snippetButton = useTemplateRef<{ run: () => void }>('snippetButton')
const linkButton = useTemplateRef<{ run: () => void }>('linkButton')
const chosen = computed(
  () => props.placements.find((placement) => placement.id === chosenId.value) ?? props.placements.at(-1),
)
const steps = computed(() => (props.pages.length === 1 ? 'One step' : `${props.pages.length} steps`))

watch(page, () => (refusal.value = null))
useKeys(
  { key: 'c', does: 'Copy the button’s HTML', run: () => snippetButton.value?.run() },
  { key: 'l', does: 'Copy the link', run: () => linkButton.value?.run() },
)

async function add(): Promise<void> {
  if (isPlacing.value) return
  isPlacing.value = true
  refusal.value = await props.place(page.value)
  isPlacing.value = false
  if (refusal.value) return
  page.value = ''
  chosenId.value = null
}
</script>

<template>
  <section aria-labelledby="proof-link">
    <h2 id="proof-link" class="sentence mb-1 text-lg font-semibold">In the link</h2>
    <p class="mb-3 text-sm text-pencil">{{ steps }} to payment: click, {{ pages.join(', ') }}, payment.</p>
    <template v-if="chosen">
      <Listbox
        v-if="placements.length > 1"
        :model-value="chosen.id"
        as="div"
        class="relative mb-2"
        @update:model-value="(id: number) => (chosenId = id)"
      >
        <ListboxLabel class="sr-only">Placement</ListboxLabel>
        <ListboxButton class="entry flex items-center justify-between gap-2 text-left">
          <span class="truncate" dir="auto">{{ chosen.page }}</span>
          <span aria-hidden="true" class="text-sea">▾</span>
        </ListboxButton>
        <ListboxOptions class="absolute z-20 max-h-60 w-full overflow-y-auto border border-rule bg-sheet shadow-lg">
          <ListboxOption v-for="placement in placements" :key="placement.id" v-slot="{ active }" :value="placement.id">
            <span class="block px-3 py-1.5" :class="{ 'bg-paper': active }" dir="auto">{{ placement.page }}</span>
          </ListboxOption>
        </ListboxOptions>
      </Listbox>
      <LinkAnatomy class="mb-3" :parts="chosen.anatomy" />
      <div class="mb-2 flex flex-wrap gap-2">
        <CopyButton ref="linkButton" :text="chosen.url" label="Copy link" shortcut="l" />
        <CopyButton ref="snippetButton" :text="chosen.html" label="Copy button" shortcut="c" />
      </div>
      <pre
        tabindex="0"
        role="region"
        aria-label="The button’s HTML"
        class="mb-1 max-h-11 overflow-auto border border-rule bg-sheet px-2 py-1 font-mono text-xs break-all whitespace-pre-wrap"
        data-snippet
        >{{ chosen.html }}</pre>
      <p class="mb-3 text-sm leading-snug text-pencil">
        <strong v-if="isStale" class="text-amber">Save first: this button still has the saved words. </strong>
        The link follows every change; the button is a copy and keeps its words and look.
      </p>
    </template>
    <p v-else class="mb-3 text-pencil">Name the page where it shall stand; its link and its button appear here.</p>
    <form class="flex flex-wrap items-start gap-2" novalidate @submit.prevent="add">
      <TextField
        v-model="page"
        class="min-w-40 flex-1"
        :label="chosen ? 'Put it on another page' : 'Put it on a page'"
        :error="refusal ? (sentenceAt(refusal, 'page') ?? refusal.message) : undefined"
      />
      <button type="submit" class="side-deed mt-7 !min-h-10" :disabled="isPlacing">Place it</button>
    </form>
  </section>
</template>
