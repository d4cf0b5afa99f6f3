<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSession } from '../lib/session'
import PreviewFrame from './PreviewFrame.vue'
import { stripAddress, type Strip } from './stripAddress'
import type { Ground } from './surroundings'

/** A button in all its states, in a strip; those that a pasted copy can't show are marked. */
const props = defineProps<Strip>()
const session = useSession()
const ground = ref<Ground>('light')
const address = computed(() => stripAddress(session.slug, ground.value, props))
const settled = refDebounced(address, 80)
</script>

<template>
  <PreviewFrame v-model:ground="ground" :address="settled" title="The button in all its states" />
</template>
