<script setup lang="ts">
import type { Schemas } from '../lib/client'

/** A look in miniature: its colours and its corners, as a scrap of paper. */
defineProps<{ entry: Schemas['LookEntry'] }>()
</script>

<template>
  <span
    class="inline-grid h-7 w-12 flex-none place-items-center"
    aria-hidden="true"
    :style="
      entry.follows_page
        ? { border: '1px dashed currentColor' }
        : {
            background: entry.fill,
            color: entry.ink,
            border: `${Math.min(3, Number(entry.border_width) || 0)}px solid ${entry.border}`,
            borderRadius: `${Number(entry.corner) / 2}px ${Number(entry.cross_corner) / 2}px`,
          }
    "
    ><span v-if="!entry.follows_page" class="h-0.5 w-5" :style="{ background: entry.ink }"
  /></span>
</template>
