<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

defineProps<{ isOpen: boolean }>()
defineEmits<{ answer: [leaves: boolean] }>()
</script>

<template>
  <Dialog :open="isOpen" class="relative z-40" @close="$emit('answer', false)">
    <div class="fixed inset-0 bg-[#18222d]/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-start justify-center p-4 pt-[20vh]">
      <DialogPanel class="w-full max-w-md bg-sheet p-6">
        <DialogTitle class="sentence mb-2 text-xl font-semibold">The last change is not saved</DialogTitle>
        <p class="mb-5">Stay to save it, or go on without it.</p>
        <div class="flex gap-3">
          <button type="button" class="deed" @click="$emit('answer', false)">Stay here</button>
          <button type="button" class="side-deed !min-h-10" @click="$emit('answer', true)">Go on without it</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
