<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

defineProps<{ isOpen: boolean; title: string; isWide?: boolean }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog :open="isOpen" class="relative z-40" @close="$emit('close')">
    <div class="fixed inset-0 bg-[#18222d]/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-4 pt-[10vh]">
      <DialogPanel class="mx-auto w-full bg-sheet p-6" :class="isWide ? 'max-w-3xl' : 'max-w-md'">
        <DialogTitle class="sentence mb-3 text-xl font-semibold">{{ title }}</DialogTitle>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
