<script setup lang="ts">
import type { Schemas } from '../../lib/client'

defineProps<{ segments: Schemas['Segment'][] }>()
</script>

<template>
  <span class="sentence">
    <template v-for="(segment, index) in segments" :key="index">
      <bdi v-if="segment.slot || segment.is_quoted" class="font-semibold">{{ segment.text }}</bdi>
      <template v-else>{{ segment.text }}</template>
    </template>
  </span>
</template>
