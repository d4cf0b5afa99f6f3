<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { Schemas } from '../../lib/client'

defineProps<{ marketplaces: Schemas['Marketplace'][]; chosen: number }>()
const emit = defineEmits<{ choose: [id: number] }>()

function note(marketplace: Schemas['Marketplace']): string {
  const { products } = marketplace
  return products === 1 ? 'one product' : `${products} products`
}
</script>

<template>
  <RadioGroup :model-value="chosen" @update:model-value="(id: number) => emit('choose', id)">
    <RadioGroupLabel as="span" class="sr-only">Marketplace</RadioGroupLabel>
    <RadioGroupOption
      v-for="marketplace in marketplaces"
      :key="marketplace.id"
      v-slot="{ checked, active }"
      :value="marketplace.id"
      as="template"
    >
      <div
        class="cursor-pointer border-l-4 px-3 py-2"
        :class="[checked ? 'border-silk' : 'border-transparent', { 'bg-sheet': active }]"
      >
        <span class="block font-medium [overflow-wrap:anywhere]" dir="auto">{{ marketplace.entry.name }}</span>
        <span v-if="marketplace.is_away" class="block text-sm text-pencil">Archived, {{ note(marketplace) }}</span>
        <span v-else-if="marketplace.entry.partner_id === ''" class="block text-sm text-amber"
          >No partner ID yet, {{ note(marketplace) }}</span
        >
        <span v-else class="block text-sm text-pencil"
          ><span class="font-mono">{{ marketplace.entry.partner_id }}</span
          >, {{ note(marketplace) }}</span
        >
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
