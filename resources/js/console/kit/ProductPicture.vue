<script setup lang="ts">
/** A small picture beside a product's name, or the room of one. */
defineProps<{ path: string; side: number }>()
</script>

<template>
  <img v-if="path" :src="path" alt="" :width="side" :height="side" class="flex-none" />
  <span
    v-else
    aria-hidden="true"
    class="block flex-none border border-rule bg-paper"
    :style="{ width: `${side}px`, height: `${side}px` }"
  />
</template>
