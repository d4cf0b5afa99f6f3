<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import type { Schemas } from '../../lib/client'

/** Which of the product's pictures a variant shows; one dialog for all rows of the sheet. */
defineProps<{ isOpen: boolean; of: string; pictures: Schemas['Picture'][]; chosen: number | null }>()
defineEmits<{ pick: [id: number | null]; close: [] }>()
</script>

<template>
  <Dialog :open="isOpen" class="relative z-40" @close="$emit('close')">
    <div class="fixed inset-0 bg-[#18222d]/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-start justify-center overflow-auto p-4 pt-[12vh]">
      <DialogPanel class="w-full max-w-lg bg-sheet p-6">
        <DialogTitle class="sentence mb-4 text-xl font-semibold"
          >The picture of <bdi>{{ of }}</bdi></DialogTitle
        >
        <div class="grid grid-cols-3 gap-3 sm:grid-cols-4">
          <button
            v-for="(picture, index) in pictures"
            :key="picture.id"
            type="button"
            class="border-3"
            :class="picture.id === chosen ? 'border-silk' : 'border-transparent'"
            :aria-pressed="picture.id === chosen"
            @click="$emit('pick', picture.id)"
          >
            <img :src="picture.path" :alt="picture.alt || `Picture ${index + 1}`" class="aspect-square object-cover" />
          </button>
        </div>
        <div class="mt-5 flex gap-3">
          <button type="button" class="side-deed !min-h-10" @click="$emit('pick', null)">As the product’s</button>
          <button type="button" class="side-deed !min-h-10" @click="$emit('close')">Cancel</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
