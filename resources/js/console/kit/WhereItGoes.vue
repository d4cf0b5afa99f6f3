<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed, ref } from 'vue'
import type { Schemas } from '../lib/client'
import SegmentedChoice from './SegmentedChoice.vue'
import { useSession } from '../lib/session'
import { pastingsOf } from './pasting'

/** Where what was copied goes, in three steps, and a page to try it on. */
const props = defineProps<{ placement: Schemas['Placement'] }>()
const session = useSession()
const pastings = computed(() => pastingsOf(props.placement.medium.key))
const chosen = ref('')
const shown = computed(() => pastings.value.find(({ key }) => key === chosen.value) ?? pastings.value[0])
const hasSample = computed(() => ['html', 'widget', 'email'].includes(props.placement.medium.key))
const choices = computed(() => pastings.value.map(({ key, label }) => ({ value: key, label })))
</script>

<template>
  <Disclosure as="div" class="border-t border-rule py-2" data-where>
    <DisclosureButton class="text-sm font-medium text-sea">Where does it go?</DisclosureButton>
    <DisclosurePanel class="mt-2 text-sm">
      <SegmentedChoice
        v-if="choices.length > 1"
        :model-value="shown.key"
        label="Into"
        :choices="choices"
        @update:model-value="(key: string) => (chosen = key)"
      />
      <ol class="mt-2 ml-5 grid list-decimal gap-1">
        <li v-for="step in shown.steps" :key="step">{{ step }}</li>
      </ol>
      <p v-if="hasSample" class="mt-2">
        <a :href="`/preview/${session.slug}/sample/${placement.id}`" target="_blank" rel="noopener" class="follow"
          >Try it on a sample page</a
        >
      </p>
    </DisclosurePanel>
  </Disclosure>
</template>
