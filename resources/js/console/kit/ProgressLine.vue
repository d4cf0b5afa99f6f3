<script setup lang="ts">
import type { Coming } from '../lib/uploadFile'

/** How far a file has come. */
defineProps<{ coming: Coming }>()
</script>

<template>
  <p class="flex flex-wrap items-center gap-x-3 text-sm text-pencil" role="status">
    <progress class="h-2 w-40 accent-sea" :value="coming.progress" max="100" :aria-label="`${coming.name}, uploaded`" />
    <span class="min-w-0 [overflow-wrap:anywhere]"
      >{{ coming.progress }} % of <bdi>{{ coming.name }}</bdi></span
    >
  </p>
</template>
