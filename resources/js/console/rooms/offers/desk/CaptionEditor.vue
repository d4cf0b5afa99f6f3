<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import type { Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import SlotInput from './SlotInput.vue'

const props = defineProps<{ proof: Schemas['Proof'] }>()
const words = defineModel<Schemas['WordsEntry']>({ required: true })
const session = useSession()
const others = session.lists?.button_states.filter(({ value }) => value !== 'idle') ?? []

function fallback(state: Schemas['ButtonState']): Schemas['Word'] | undefined {
  return props.proof.words_without.find((word) => word.state === state)
}

function say(state: Schemas['ButtonState'], text: string): void {
  words.value = { ...words.value, [state]: text }
}
</script>

<template>
  <SlotInput
    :model-value="words.idle"
    label="Words on the button"
    :placeholder="fallback('idle')?.text ?? ''"
    @update:model-value="(text) => say('idle', text)"
  />
  <p class="mt-1 text-sm text-pencil">
    Left blank it says “<bdi>{{ fallback('idle')?.text }}</bdi
    >”, {{ fallback('idle')?.whence }}.
  </p>
  <div class="mt-2 flex flex-wrap gap-x-4 gap-y-1" role="group" aria-label="Proposals">
    <button
      v-for="idea in proof.caption_ideas"
      :key="idea"
      type="button"
      class="follow min-h-7 text-left text-sm"
      dir="auto"
      @click="say('idle', idea)"
    >
      {{ idea }}
    </button>
  </div>
  <Disclosure as="div" class="mt-3 border-t border-rule pt-2">
    <DisclosureButton class="text-sm font-medium text-sea">What it says in its other states</DisclosureButton>
    <DisclosurePanel class="mt-2 grid gap-2">
      <label v-for="state in others" :key="state.value" class="grid grid-cols-[7rem_minmax(0,1fr)] items-center gap-2">
        <span class="text-sm">{{ state.label }}</span>
        <SlotInput
          :model-value="words[state.value]"
          :label="state.label"
          :placeholder="fallback(state.value)?.text ?? ''"
          @update:model-value="(text) => say(state.value, text)"
        />
      </label>
    </DisclosurePanel>
  </Disclosure>
</template>
