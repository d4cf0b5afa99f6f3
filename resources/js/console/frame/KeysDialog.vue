<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle, Switch, SwitchGroup, SwitchLabel } from '@headlessui/vue'
import { activeKeys, areKeysOn } from '../lib/useKeys'

defineProps<{ isOpen: boolean }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <Dialog :open="isOpen" class="relative z-40" @close="$emit('close')">
    <div class="fixed inset-0 bg-[#18222d]/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-start justify-center p-4 pt-[12vh]">
      <DialogPanel class="w-full max-w-md bg-sheet p-6">
        <DialogTitle class="sentence mb-4 text-xl font-semibold">Shortcuts on this page</DialogTitle>
        <dl class="mb-5">
          <div v-for="key in activeKeys" :key="key.key + key.does" class="flex gap-4 border-b border-rule py-1.5">
            <dt class="w-12">
              <kbd class="font-mono">{{ key.key }}</kbd>
            </dt>
            <dd>{{ key.does }}</dd>
          </div>
        </dl>
        <SwitchGroup as="div" class="mb-5 flex items-center justify-between gap-4">
          <SwitchLabel>Single-key shortcuts</SwitchLabel>
          <Switch
            v-model="areKeysOn"
            class="relative h-7 w-12 rounded-full border border-pencil"
            :class="areKeysOn ? 'bg-sea' : 'bg-paper'"
          >
            <span
              class="absolute top-0.5 size-5 rotate-45 transition-all"
              :class="areKeysOn ? 'left-6 bg-sheet' : 'left-1 bg-pencil'"
            />
          </Switch>
        </SwitchGroup>
        <button type="button" class="side-deed" @click="$emit('close')">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
