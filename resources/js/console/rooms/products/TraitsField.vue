<script setup lang="ts">
import { computed } from 'vue'

import type { Schemas } from '../../lib/client'
import SuggestField from '../../kit/SuggestField.vue'
import TagField from '../../kit/TagField.vue'

type TraitEntry = Schemas['ProductEntry']['traits'][number]

const props = defineProps<{ known: TraitEntry[]; errorAt: (path: string) => string | undefined }>()
const traits = defineModel<TraitEntry[]>({ required: true })

const names = computed(() => props.known.map(({ name }) => name))

function valuesOf(name: string): string[] {
  return props.known.find((trait) => trait.name === name)?.values ?? []
}

function change(at: number, part: Partial<TraitEntry>): void {
  traits.value = traits.value.map((entry, index) => (index === at ? { ...entry, ...part } : entry))
}
</script>

<template>
  <div class="grid gap-3">
    <div v-for="(entry, at) in traits" :key="at" class="grid items-end gap-3 md:grid-cols-[11rem_minmax(0,1fr)_auto]">
      <SuggestField
        label="Attribute"
        :known="names"
        :model-value="entry.name"
        :error="errorAt(`traits.${at}.name`)"
        @update:model-value="(name: string) => change(at, { name })"
      />
      <TagField
        label="Values"
        :known="valuesOf(entry.name)"
        :model-value="entry.values"
        @update:model-value="(values: string[]) => change(at, { values })"
      />
      <button type="button" class="side-deed" @click="traits = traits.filter((_, index) => index !== at)">
        Remove
      </button>
      <p v-if="errorAt(`traits.${at}.values`)" class="text-sm text-wrong md:col-span-3" role="alert">
        {{ errorAt(`traits.${at}.values`) }}
      </p>
    </div>
    <div>
      <button type="button" class="side-deed" @click="traits = [...traits, { name: '', values: [] }]">
        Add an attribute
      </button>
    </div>
  </div>
</template>
