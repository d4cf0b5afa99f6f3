<script setup lang="ts">
import type { Schemas } from '../lib/client'

/** A button as it looks, small enough for a line of a list. */
defineProps<{ look: Schemas['LookEntry'] | undefined; caption: string }>()
</script>

<template>
  <img
    v-if="look?.picture_path"
    :src="look.picture_path"
    :alt="caption"
    class="max-h-7 max-w-full object-contain object-left"
  />
  <span
    v-else
    class="inline-block max-w-full truncate px-2.5 py-0.5 align-middle text-sm leading-6"
    :class="{ 'border border-dashed border-pencil': !look || look.follows_page }"
    :style="
      look && !look.follows_page
        ? {
            background: look.fill,
            color: look.ink,
            border: `${Math.min(2, Number(look.border_width) || 0)}px solid ${look.border}`,
            borderRadius: `${Math.min(14, Number(look.corner) || 0)}px ${Math.min(14, Number(look.cross_corner) || 0)}px`,
            fontWeight: look.is_bold ? 600 : 400,
          }
        : {}
    "
    dir="auto"
    >{{ caption }}</span
  >
</template>
