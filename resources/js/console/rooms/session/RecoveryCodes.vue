<script setup lang="ts">
import CopyButton from '../../kit/CopyButton.vue'

/** Shown once: what lets a person in on the day the app is lost. */
defineProps<{ codes: string[] }>()
defineEmits<{ kept: [] }>()
</script>

<template>
  <p class="mb-2 font-semibold" role="status">Keep these recovery codes where you find them without your phone.</p>
  <p class="mb-3 text-pencil">Each lets you in once, in place of a code of the app. They are shown only now.</p>
  <ul class="mb-4 grid max-w-md grid-cols-2 gap-x-8 gap-y-1 font-mono" data-codes>
    <li v-for="code in codes" :key="code">{{ code }}</li>
  </ul>
  <p class="flex gap-3">
    <CopyButton :text="codes.join('\n')" label="Copy them" />
    <button type="button" class="deed" @click="$emit('kept')">I have kept them</button>
  </p>
</template>
