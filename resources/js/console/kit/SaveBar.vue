<script setup lang="ts">
import type { Refusal } from '../lib/client'
import RefusalNotice from './RefusalNotice.vue'

/** At the foot of a long form: how it stands, why it was not saved, and the acts. */
defineProps<{ note: string; isWrong: boolean; refusal: Refusal | null; mine?: object | null }>()
defineEmits<{ insist: [version: number]; reload: []; settle: [form: object, version: number] }>()
</script>

<template>
  <div class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
    <RefusalNotice
      class="mx-auto max-w-[80rem] px-5 pt-2.5 sm:px-8"
      :refusal="refusal"
      :mine="mine ?? null"
      @settle="(form, version) => $emit('settle', form, version)"
      @insist="(version) => $emit('insist', version)"
      @reload="$emit('reload')"
    />
    <div class="mx-auto flex max-w-[80rem] items-center justify-between gap-4 px-5 py-2.5 sm:px-8">
      <p class="text-sm" :class="isWrong ? 'text-wrong' : 'text-pencil'">{{ note }}</p>
      <div class="flex flex-wrap items-center gap-3"><slot /></div>
    </div>
  </div>
</template>
