<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Schemas } from '../lib/client'
import { useSession } from '../lib/session'
import PreviewFrame from './PreviewFrame.vue'

/** A button in all its states, in a strip; those that a pasted copy can't show are marked. */
const props = defineProps<{
  lookId: number
  words: Schemas['Word'][]
  look?: Schemas['LookEntry']
  medium?: Schemas['MediumKey'] | undefined
}>()
const session = useSession()
const ground = ref<'light' | 'dark' | 'patterned'>('light')
const address = computed(() => {
  const query = new URLSearchParams({ ground: ground.value, look_id: String(props.lookId) })
  for (const word of props.words) query.set(`words[${word.state}]`, word.text)
  if (props.medium) query.set('medium', props.medium)
  if (props.look) query.set('look', JSON.stringify(props.look))
  return `/preview/${session.slug}/button?${query.toString()}`
})
const settled = refDebounced(address, 80)
</script>

<template>
  <PreviewFrame v-model:ground="ground" :address="settled" title="The button in all its states" />
</template>
