<script setup lang="ts">
import type { Theirs } from '../useDesk'
import ModalDialog from '../../../kit/ModalDialog.vue'

/** Two sellers have changed the same offer: both sentences, and which of them shall stand. */
defineProps<{ theirs: Theirs | null; mine: string }>()
defineEmits<{ settle: [keepsMine: boolean] }>()
</script>

<template>
  <ModalDialog
    :is-open="theirs !== null"
    title="This offer was changed meanwhile"
    is-wide
    @close="$emit('settle', false)"
  >
    <p class="mb-4">{{ theirs?.message }}</p>
    <h3 class="small-title mb-1">As it is saved now</h3>
    <p class="sentence mb-4 text-lg" dir="auto">{{ theirs?.offer.decided }}</p>
    <h3 class="small-title mb-1">As it stands on your desk</h3>
    <p class="sentence mb-4 text-lg" dir="auto">{{ mine }}</p>
    <p class="mb-4 text-pencil">Neither is lost: theirs stays in the history, and yours can be taken back to.</p>
    <div class="flex flex-wrap gap-3">
      <button type="button" class="deed" @click="$emit('settle', true)">Save mine instead</button>
      <button type="button" class="side-deed !min-h-10" @click="$emit('settle', false)">Keep theirs</button>
    </div>
  </ModalDialog>
</template>
