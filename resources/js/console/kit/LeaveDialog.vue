<script setup lang="ts">
import ModalDialog from './ModalDialog.vue'

defineProps<{ isOpen: boolean }>()
defineEmits<{ answer: [leaves: boolean] }>()
</script>

<template>
  <ModalDialog :is-open="isOpen" title="The last change is not saved" @close="$emit('answer', false)">
    <p class="mb-5">Stay to save it, or leave: what you typed waits here, in this browser.</p>
    <div class="flex gap-3">
      <button type="button" class="deed" @click="$emit('answer', false)">Stay here</button>
      <button type="button" class="side-deed !min-h-10" @click="$emit('answer', true)">Leave without saving</button>
    </div>
  </ModalDialog>
</template>
