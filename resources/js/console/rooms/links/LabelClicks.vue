<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import PageTurner from '../../kit/PageTurner.vue'
import TraceLine from '../../kit/TraceLine.vue'

/** How often places and links of each label were clicked in the last 30 days. */
const session = useSession()
const list = ref<Schemas['LabelClicks'] | null>(null)

async function turnTo(page: number): Promise<void> {
  const { data } = await outcome(
    api.GET('/shops/{shop}/labels', { params: { path: { shop: session.slug }, query: { page } } }),
  )
  list.value = data ?? list.value
}

onMounted(() => turnTo(1))
</script>

<template>
  <p class="mb-2 text-sm text-pencil">Places and links with the same label are counted together, over 30 days.</p>
  <p v-if="list?.items.length === 0" class="text-pencil">Nothing with a label was clicked in the last 30 days.</p>
  <ul v-if="list" class="max-w-xl">
    <li
      v-for="{ name, trace } in list.items"
      :key="name"
      class="flex items-end justify-between gap-4 border-b border-rule py-1.5"
      data-label
    >
      <span v-if="name" class="min-w-0 font-mono [overflow-wrap:anywhere]" dir="auto">{{ name }}</span>
      <span v-else class="text-pencil">other labels</span>
      <TraceLine :trace="trace" />
    </li>
  </ul>
  <PageTurner v-if="list" :at="list.at" @turn="turnTo" />
</template>
