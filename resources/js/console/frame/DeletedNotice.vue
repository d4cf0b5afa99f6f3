<script setup lang="ts">
import { ref, watch } from 'vue'
import { useDeleting } from '../lib/deleting'
import { useSession } from '../lib/session'

/** What was deleted last, and the way back: it stays until something else is deleted or the notice is closed. */
const session = useSession()
const { last, takeBack } = useDeleting()
const complaint = ref('')

watch(last, () => (complaint.value = ''))
watch(
  () => session.slug,
  () => (last.value = null),
)

async function undo(): Promise<void> {
  if (last.value) complaint.value = (await takeBack(last.value.kind, last.value.id))?.message ?? ''
}
</script>

<template>
  <div role="status" class="sticky top-0 z-30">
    <div v-if="last" class="border-b border-rule bg-sheet" data-deleted>
      <p class="mx-auto flex max-w-[80rem] flex-wrap items-center gap-x-5 gap-y-1 px-5 py-2 sm:px-8">
        <span
          >“<bdi>{{ last.name }}</bdi
          >” is deleted.</span
        >
        <button type="button" class="follow" @click="undo">Undo</button>
        <RouterLink :to="{ name: 'deleted', params: { shop: session.slug } }" class="follow">Deleted things</RouterLink>
        <span v-if="complaint" class="text-wrong">{{ complaint }}</span>
        <button type="button" class="ml-auto min-h-8 px-1 text-sea" aria-label="Close" @click="last = null">×</button>
      </p>
    </div>
  </div>
</template>
