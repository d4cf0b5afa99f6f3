<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, outcome, type Schemas } from '../../../shared/client'
import { useSession } from '../../stores/session'
import PickField from '../PickField.vue'

/** Which buttons stand beside this product, where they differ from the shop's. */
const buttons = defineModel<Schemas['ButtonsEntry']>({ required: true })
const session = useSession()
const surfaces = ref<Schemas['Surface'][]>([])

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/shopfront', { params: { path: { shop: session.slug } } }))
  surfaces.value = data?.surfaces ?? []
})
</script>

<template>
  <div class="grid gap-3">
    <PickField
      v-for="surface in surfaces"
      :key="surface.value"
      :label="surface.label"
      :model-value="buttons[surface.value]"
      :choices="[{ value: '', label: 'as the shop has it' }, ...surface.sets]"
      @update:model-value="(set) => (buttons = { ...buttons, [surface.value]: set })"
    />
  </div>
</template>
