<script setup lang="ts">
import type { Refusal } from '../lib/client'
import ClashDialog from './ClashDialog.vue'

/** Why nothing was saved; where somebody else has saved meanwhile, the ways on. What is wrong in a field is said there. */
defineProps<{ refusal: Refusal | null; mine?: object | null }>()
defineEmits<{ insist: [version: number]; reload: []; settle: [form: object, version: number] }>()
</script>

<template>
  <div v-if="refusal && !refusal.errors" role="alert">
    <p class="text-wrong">{{ refusal.message }}</p>
    <p v-if="refusal.version !== undefined" class="mt-2 flex flex-wrap gap-x-5 gap-y-1">
      <ClashDialog
        v-if="refusal.clashes && mine"
        :refusal="refusal"
        :mine="mine"
        @settle="(form, version) => $emit('settle', form, version)"
      />
      <button v-else type="button" class="follow min-h-8" @click="$emit('insist', refusal.version)">
        Save mine instead
      </button>
      <button type="button" class="follow min-h-8" @click="$emit('reload')">Discard mine</button>
    </p>
  </div>
</template>
