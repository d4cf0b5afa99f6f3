<script setup lang="ts">
import type { Schemas } from '../lib/client'

/** A link taken apart: each part, and what it means. */
defineProps<{ parts: Schemas['AnatomyPart'][] }>()
</script>

<template>
  <dl class="text-sm leading-snug" data-anatomy>
    <div
      v-for="(part, index) in parts"
      :key="index"
      class="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1"
    >
      <dt class="font-mono font-medium [overflow-wrap:anywhere]">{{ part.value }}</dt>
      <dd class="min-w-40 flex-1 text-pencil" dir="auto">{{ part.meaning }}</dd>
    </div>
  </dl>
</template>
