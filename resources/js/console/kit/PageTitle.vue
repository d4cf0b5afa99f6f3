<script setup lang="ts">
import type { HelpKey } from './help'
import WhatIsThis from './WhatIsThis.vue'

/** The heading of a view. */
defineProps<{ title: string; help: HelpKey }>()
</script>

<template>
  <div>
    <h1 class="sentence inline text-3xl font-semibold">{{ title }}</h1>
    <WhatIsThis :of="help" :heading="title" />
  </div>
</template>
