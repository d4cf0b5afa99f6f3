<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { Schemas } from '../../lib/client'
import TextField from '../../kit/TextField.vue'
import DisplayPlaceRow from './DisplayPlaceRow.vue'
import { useDisplayPlaces, type DisplayOf } from './useDisplayPlaces'

/** Where a whole price table, or a shelf, stands: each place with its widget and its link. */
const props = defineProps<{ of: DisplayOf }>()
const { places, refusal, load, place, change, remove } = useDisplayPlaces(() => props.of)
const page = ref('')

onMounted(load)

async function add(): Promise<void> {
  if (await place(page.value)) page.value = ''
}

function refusalAt(one: Schemas['DisplayPlace']): string | undefined {
  return refusal.value?.at === one.id ? refusal.value.says : undefined
}
</script>

<template>
  <ul v-if="places.length > 0">
    <DisplayPlaceRow
      v-for="one in places"
      :key="one.id"
      :place="one"
      :refusal="refusalAt(one)"
      @change="(as) => change(one.id, as)"
      @remove="remove(one)"
    />
  </ul>
  <form class="mt-3 flex flex-wrap items-end gap-2" novalidate @submit.prevent="add">
    <TextField
      v-model="page"
      class="min-w-48 flex-1"
      label="Name of the new place"
      note="As you call it: the prices page, the course site."
      :error="refusal?.at === null ? refusal.says : undefined"
    />
    <button type="submit" class="side-deed !min-h-10">Place it</button>
  </form>
</template>
