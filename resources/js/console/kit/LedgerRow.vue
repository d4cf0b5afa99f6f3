<script setup lang="ts">
import { useId } from 'vue'
import type { HelpKey } from './help'
import WhatIsThis from './WhatIsThis.vue'

/** A line of the ledger: what it is about, its few fields, and what they come to. */
defineProps<{ title: string; help?: HelpKey | undefined }>()
const id = useId()
</script>

<template>
  <section
    class="grid gap-x-6 gap-y-2 border-t border-rule py-4 md:grid-cols-[7.5rem_minmax(0,1fr)]"
    :aria-labelledby="id"
  >
    <div>
      <h2 :id="id" class="sentence inline text-lg font-semibold">{{ title }}</h2>
      <WhatIsThis v-if="help" :of="help" :heading="title" />
    </div>
    <div class="min-w-0"><slot /></div>
  </section>
</template>
