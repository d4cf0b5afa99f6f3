<script setup lang="ts">
/** Above a form in which something came back that was left here unsaved. */
defineProps<{ isShown: boolean }>()
defineEmits<{ drop: [] }>()
</script>

<template>
  <div role="status">
    <p v-if="isShown" class="mb-4 border-l-4 border-sea py-1 pl-4 text-sm">
      This is what you left here, not saved yet.
      <button type="button" class="follow ml-2 min-h-7" @click="$emit('drop')">Back to what is saved</button>
    </p>
  </div>
</template>
