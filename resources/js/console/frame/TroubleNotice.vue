<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import { api, outcome } from '../lib/client'
import { useSession } from '../lib/session'

/** How often the server is asked while a view stays open. */
const EVERY_MS = 60_000

const session = useSession()
const troubles = ref<string[]>([])
let timer: ReturnType<typeof setInterval> | undefined

async function ask(): Promise<void> {
  const { data } = await outcome(
    api.GET('/shops/{shop}/troubles', { params: { path: { shop: session.slug } }, headers: { 'X-Quiet': '1' } }),
  )
  troubles.value = data ?? []
}

onMounted(() => {
  void ask()
  timer = setInterval(() => void ask(), EVERY_MS)
})
onUnmounted(() => clearInterval(timer))
</script>

<template>
  <div role="status" class="mx-auto max-w-[80rem] px-5 sm:px-8">
    <ul v-if="troubles.length" class="mt-4 grid gap-2 border-l-4 border-amber py-1 pl-4 text-amber" data-troubles>
      <li v-for="trouble in troubles" :key="trouble">{{ trouble }}</li>
    </ul>
  </div>
</template>
