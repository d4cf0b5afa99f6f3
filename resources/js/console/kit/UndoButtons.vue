<script setup lang="ts">
/** The way back, step by step, and forth again. */
defineProps<{ canTakeBack: boolean; canRedo: boolean }>()
defineEmits<{ takeBack: []; redo: [] }>()
</script>

<template>
  <span class="flex gap-1">
    <button
      type="button"
      class="grid size-10 place-items-center text-sea disabled:text-rule"
      aria-label="Undo"
      title="Undo (Ctrl Z)"
      :disabled="!canTakeBack"
      @click="$emit('takeBack')"
    >
      <svg
        viewBox="0 0 20 16"
        width="20"
        height="16"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        stroke-width="1.8"
      >
        <path d="M6 1L1.5 5.5 6 10" />
        <path d="M2 5.5h10a5 5 0 0 1 0 10H7" />
      </svg>
    </button>
    <button
      type="button"
      class="grid size-10 place-items-center text-sea disabled:text-rule"
      aria-label="Redo"
      title="Redo (Ctrl Shift Z)"
      :disabled="!canRedo"
      @click="$emit('redo')"
    >
      <svg
        viewBox="0 0 20 16"
        width="20"
        height="16"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        stroke-width="1.8"
      >
        <path d="M14 1l4.5 4.5L14 10" />
        <path d="M18 5.5H8a5 5 0 0 0 0 10h5" />
      </svg>
    </button>
  </span>
</template>
