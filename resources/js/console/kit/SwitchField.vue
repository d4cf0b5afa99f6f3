<script setup lang="ts">
import { Switch, SwitchGroup, SwitchLabel } from '@headlessui/vue'

defineProps<{ label: string }>()
const model = defineModel<boolean>({ required: true })
</script>

<template>
  <SwitchGroup as="div" class="flex items-center gap-3">
    <Switch
      v-model="model"
      class="relative h-7 w-12 flex-none rounded-full border border-pencil"
      :class="model ? 'bg-sea' : 'bg-paper'"
    >
      <span
        class="absolute top-0.5 size-5 rotate-45 transition-all"
        :class="model ? 'left-6 bg-sheet' : 'left-1 bg-pencil'"
      />
    </Switch>
    <SwitchLabel>{{ label }}</SwitchLabel>
  </SwitchGroup>
</template>
