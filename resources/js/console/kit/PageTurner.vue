<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../lib/client'

const props = defineProps<{ at: Schemas['PageFacts'] }>()
defineEmits<{ turn: [page: number] }>()

/** The first, the last, and those around the one that is open; 0 stands for a gap. */
const pages = computed(() => {
  const { page, pages: last } = props.at
  const near = [1, page - 1, page, page + 1, last].filter((one) => one >= 1 && one <= last)
  const shown = [...new Set(near)].sort((a, b) => a - b)
  return shown.flatMap((one, index) => (index > 0 && one - (shown[index - 1] ?? 0) > 1 ? [0, one] : [one]))
})
</script>

<template>
  <nav v-if="at.pages > 1" aria-label="Pages" class="mt-5 flex flex-wrap items-center gap-x-1 gap-y-2">
    <button type="button" class="side-deed mr-3" :disabled="at.page === 1" @click="$emit('turn', at.page - 1)">
      Before
    </button>
    <template v-for="(page, index) in pages" :key="index">
      <span v-if="page === 0" aria-hidden="true" class="px-1 text-pencil">…</span>
      <button
        v-else
        type="button"
        class="min-h-8 min-w-8 border-b-2 px-1.5 tabular-nums"
        :class="page === at.page ? 'border-silk font-semibold' : 'border-transparent text-sea hover:underline'"
        :aria-label="`Page ${page}`"
        :aria-current="page === at.page ? 'page' : undefined"
        @click="$emit('turn', page)"
      >
        {{ page }}
      </button>
    </template>
    <button type="button" class="side-deed ml-3" :disabled="at.page === at.pages" @click="$emit('turn', at.page + 1)">
      After
    </button>
    <span v-if="at.is_more" class="ml-3 text-sm text-pencil">There is more; another word finds less.</span>
  </nav>
</template>
