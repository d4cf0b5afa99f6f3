<script setup lang="ts">
import type { Schemas } from '../../lib/client'

defineProps<{ trial: Schemas['RefundTrial'] | null }>()
</script>

<template>
  <section class="border-t-3 border-sea bg-paper p-4" aria-live="polite" data-refund-trial>
    <p v-if="trial === null" class="text-pencil">Choose what is given back; here stands what it comes to.</p>
    <template v-else>
      <dl class="mb-2">
        <div v-for="(line, index) in trial.lines" :key="index" class="flex justify-between gap-4">
          <dt class="min-w-0 [overflow-wrap:anywhere]">
            <template v-if="line.pieces > 0">{{ line.pieces }} × </template><bdi>{{ line.name }}</bdi>
          </dt>
          <dd>{{ line.amount.shown }}</dd>
        </div>
        <div class="flex justify-between gap-4 border-t border-rule font-semibold">
          <dt>Given back</dt>
          <dd>{{ trial.amount.shown }}</dd>
        </div>
      </dl>
      <p dir="auto">{{ trial.sentence }}</p>
    </template>
  </section>
</template>
