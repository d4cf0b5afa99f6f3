<script setup lang="ts">
import { ref } from 'vue'
import TextField from '../../kit/TextField.vue'
import { sentenceAt, type Refusal, type Schemas } from '../../lib/client'

/** Partners whose marketplaces ship with Paper Kite: one’s own ID, and they are there. */
const props = defineProps<{
  ready: Schemas['ReadyPartner'][]
  add: (key: string, partnerId: string) => Promise<Refusal | null>
}>()
const ids = ref<Record<string, string>>({})
const refused = ref<{ key: string; refusal: Refusal } | null>(null)

async function run(key: string): Promise<void> {
  const refusal = await props.add(key, ids.value[key] ?? '')
  refused.value = refusal && { key, refusal }
}

function errorOf(key: string): string | undefined {
  if (refused.value?.key !== key) return undefined
  return sentenceAt(refused.value.refusal, 'partner_id') ?? refused.value.refusal.message
}
</script>

<template>
  <ul class="grid gap-5">
    <li v-for="partner in ready" :key="partner.key">
      <form class="grid gap-2" novalidate :aria-label="partner.name" @submit.prevent="run(partner.key)">
        <p class="font-medium" dir="auto">{{ partner.name }}</p>
        <p class="text-sm text-pencil" dir="auto">{{ partner.marketplaces.join(', ') }}</p>
        <TextField
          :model-value="ids[partner.key] ?? ''"
          :label="`Your partner ID at ${partner.name}`"
          is-mono
          :error="errorOf(partner.key)"
          note="It can be entered later, too."
          @update:model-value="(id) => (ids[partner.key] = id)"
        />
        <button type="submit" class="side-deed justify-self-start">Add {{ partner.name }}</button>
      </form>
    </li>
  </ul>
</template>
