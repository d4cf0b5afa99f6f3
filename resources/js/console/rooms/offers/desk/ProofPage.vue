<script setup lang="ts">
import type { Schemas } from '../../../lib/client'
import ButtonStrip from '../../../kit/ButtonStrip.vue'

defineProps<{ proof: Schemas['Proof'] }>()
</script>

<template>
  <section aria-labelledby="proof-page">
    <h2 id="proof-page" class="sentence mb-3 text-lg font-semibold">On the page</h2>
    <ButtonStrip :look-id="proof.look_id" :words="proof.words" />
  </section>
</template>
