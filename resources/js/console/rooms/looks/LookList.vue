<script setup lang="ts">
import {
  Disclosure,
  DisclosureButton,
  DisclosurePanel,
  RadioGroup,
  RadioGroupLabel,
  RadioGroupOption,
} from '@headlessui/vue'
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import LookSwatch from '../../kit/LookSwatch.vue'

type Look = Schemas['Look']

/** The looks of the shop, one of which is chosen, and those that are archived. */
const props = defineProps<{
  looks: Look[]
  /** The ids of those that fit what was typed; `null`: nothing was. */
  found: number[] | null
  chosen: Look | undefined
  isDirty: boolean
}>()
const emit = defineEmits<{ choose: [id: number]; beginFrom: [look: Look]; bringBack: [look: Look] }>()
const search = defineModel<string>('search', { required: true })
const inUse = computed(() => props.looks.filter(({ is_away }) => !is_away))
const listed = computed(() => inUse.value.filter(({ id }) => props.found === null || props.found.includes(id)))
const away = computed(() => props.looks.filter(({ is_away }) => is_away))
</script>

<template>
  <div>
    <input
      v-if="inUse.length > 6"
      v-model="search"
      type="search"
      class="entry mb-2"
      aria-label="Find a look"
      placeholder="Find a look"
    />
    <RadioGroup :model-value="chosen?.id ?? 0" @update:model-value="(id: number) => emit('choose', id)">
      <RadioGroupLabel as="span" class="sr-only">Look</RadioGroupLabel>
      <RadioGroupOption
        v-for="look in listed"
        :key="look.id"
        v-slot="{ checked, active }"
        :value="look.id"
        as="template"
      >
        <div
          class="flex cursor-pointer items-center gap-3 border-l-4 px-3 py-2"
          :class="[checked ? 'border-silk' : 'border-transparent', { 'bg-sheet': active }]"
        >
          <LookSwatch :entry="look.entry" />
          <span class="min-w-0">
            <span class="block truncate font-medium" dir="auto">{{ look.name }}</span>
            <span class="block text-sm text-pencil"
              >{{ look.offers === 1 ? 'one offer' : `${look.offers} offers`
              }}<template v-if="look.is_usual">, and by default</template></span
            >
          </span>
        </div>
      </RadioGroupOption>
    </RadioGroup>
    <button v-if="chosen" type="button" class="side-deed mt-4" @click="emit('beginFrom', chosen)">
      Duplicate this look
    </button>
    <Disclosure v-if="away.length > 0" v-slot="{ open }" as="div" class="mt-4">
      <DisclosureButton class="follow min-h-8"
        >{{ open ? 'Close the archive' : `Archived: ${away.length}` }}
      </DisclosureButton>
      <DisclosurePanel as="ul" class="mt-1">
        <li v-for="look in away" :key="look.id" class="flex items-center gap-3 py-1.5">
          <LookSwatch :entry="look.entry" />
          <span class="min-w-0 flex-1 truncate" dir="auto">{{ look.name }}</span>
          <button type="button" class="follow min-h-8" :disabled="isDirty" @click="emit('bringBack', look)">
            Bring back <span class="sr-only">{{ look.name }}</span>
          </button>
        </li>
      </DisclosurePanel>
    </Disclosure>
  </div>
</template>
