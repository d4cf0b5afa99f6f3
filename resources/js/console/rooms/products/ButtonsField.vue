<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'

/** Which buttons stand beside this product, where they differ from the shop's. */
defineProps<{ errorAt: (path: string) => string | undefined }>()
const buttons = defineModel<Schemas['ProductButtonsEntry']>({ required: true })
const session = useSession()
const surfaces = ref<Schemas['Surface'][]>([])

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/shopfront', { params: { path: { shop: session.slug } } }))
  surfaces.value = data?.surfaces ?? []
})
</script>

<template>
  <div class="grid gap-4">
    <div v-for="surface in surfaces" :key="surface.value" class="grid gap-2">
      <PickField
        :label="surface.label"
        :model-value="buttons[surface.value]"
        :choices="[{ value: '', label: 'as the shop has it' }, ...surface.sets]"
        @update:model-value="(set) => (buttons = { ...buttons, [surface.value]: set })"
      />
      <div class="grid grid-cols-2 gap-3">
        <TextField
          v-for="[does, label] in [
            ['cart', 'Add to cart'],
            ['pay', 'Buy now'],
          ] as const"
          :key="does"
          :label="`“${label}” says`"
          :error="errorAt(`buttons.${surface.value}_${does}`)"
          :model-value="buttons[`${surface.value}_${does}`]"
          @update:model-value="(text) => (buttons = { ...buttons, [`${surface.value}_${does}`]: text })"
        />
      </div>
    </div>
    <p class="text-sm text-pencil">Blank: as the shop has it.</p>
  </div>
</template>
