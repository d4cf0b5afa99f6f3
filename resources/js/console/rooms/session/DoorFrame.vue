<script setup lang="ts">
import KiteMark from '../../kit/KiteMark.vue'

/** What stands around a form before anybody is signed in. */
defineProps<{ title: string }>()
</script>

<template>
  <div class="mx-auto max-w-sm pt-[10vh] pb-16">
    <p class="mb-8 flex items-center gap-3">
      <KiteMark /><span class="sentence text-2xl font-semibold">Paper Kite</span>
    </p>
    <h1 class="sentence mb-4 text-2xl">{{ title }}</h1>
    <slot />
  </div>
</template>
