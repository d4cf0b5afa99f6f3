<script setup lang="ts">
import { useTrouble, type Trouble } from '../lib/steady'

/** Stands at the foot of every page for as long as the server is waited for. */
const trouble = useTrouble()
const words: Record<Trouble, string> = {
  offline: 'You are offline. What you typed is kept; it goes on once you are connected.',
  failing: 'The server doesn’t answer. It is tried again by itself.',
  slow: 'This takes longer than usual. It is still on its way.',
}
</script>

<template>
  <div role="status" class="fixed inset-x-0 bottom-0 z-50">
    <p v-if="trouble" class="border-t-4 border-amber bg-sheet px-5 py-3 text-center text-amber">{{ words[trouble] }}</p>
  </div>
</template>
