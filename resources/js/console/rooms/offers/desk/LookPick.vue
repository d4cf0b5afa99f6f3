<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { nextTick, onMounted, ref, useTemplateRef, type ComponentPublicInstance } from 'vue'
import { api, outcome, type Schemas } from '../../../lib/client'
import { useSession } from '../../../lib/session'
import LookSwatch from '../../../kit/LookSwatch.vue'

/** Picks the look of an offer; the proof shows it at once. */
const props = defineProps<{ used: number }>()
const look = defineModel<number | null>({ required: true })
const session = useSession()
const looks = ref<Schemas['Look'][]>([])
const group = useTemplateRef<ComponentPublicInstance>('group')

onMounted(async () => {
  const { data } = await outcome(api.GET('/shops/{shop}/looks', { params: { path: { shop: session.slug } } }))
  // One that is put away is offered only where it is used.
  looks.value = (data?.items ?? []).filter(({ id, is_away }) => !is_away || id === (look.value ?? props.used))
  // The looks come a moment after the panel that took the focus.
  await nextTick()
  const root: unknown = group.value?.$el
  if (root instanceof HTMLElement) root.querySelector<HTMLElement>('[role=radio][tabindex="0"]')?.focus()
})
</script>

<template>
  <RadioGroup
    ref="group"
    :model-value="look ?? used"
    class="min-h-48"
    @update:model-value="(id: number) => (look = id)"
  >
    <RadioGroupLabel as="span" class="sr-only">Look</RadioGroupLabel>
    <RadioGroupOption v-for="each in looks" :key="each.id" v-slot="{ checked, active }" :value="each.id" as="template">
      <div
        class="flex cursor-pointer items-center gap-3 border-l-4 px-3 py-2"
        :class="[checked ? 'border-silk' : 'border-transparent', { 'bg-paper': active }]"
      >
        <LookSwatch :entry="each.entry" />
        <span class="font-medium" dir="auto">{{ each.name }}</span>
        <span v-if="each.is_usual" class="text-sm text-pencil">the default</span>
      </div>
    </RadioGroupOption>
  </RadioGroup>
  <RouterLink :to="{ name: 'looks', params: { shop: session.slug } }" class="follow mt-2 inline-block text-sm"
    >Change the looks, or make one</RouterLink
  >
</template>
