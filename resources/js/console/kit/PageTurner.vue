<script setup lang="ts">
import type { Schemas } from '../lib/client'

defineProps<{ at: Schemas['PageFacts'] }>()
defineEmits<{ turn: [page: number] }>()
</script>

<template>
  <nav v-if="at.pages > 1" aria-label="Pages" class="mt-5 flex items-center gap-4">
    <button type="button" class="side-deed" :disabled="at.page === 1" @click="$emit('turn', at.page - 1)">
      Before
    </button>
    <span>Page {{ at.page }} of {{ at.pages }}</span>
    <button type="button" class="side-deed" :disabled="at.page === at.pages" @click="$emit('turn', at.page + 1)">
      After
    </button>
  </nav>
</template>
