<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import LookSwatch from '../../kit/LookSwatch.vue'
import type { useManyOffers } from './useManyOffers'

/** What is done with the offers that are selected, what became of it, and the way back. */
const props = defineProps<{
  offers: Schemas['OfferRow'][]
  looks: Schemas['OfferLook'][]
  many: ReturnType<typeof useManyOffers>
}>()
const selected = defineModel<number[]>({ required: true })
const { said, stayed, before, refusal } = props.many

const chosen = computed(() => props.offers.filter(({ id }) => selected.value.includes(id)))
const areAll = computed({
  get: () => props.offers.length > 0 && chosen.value.length === props.offers.length,
  set: (all) => (selected.value = all ? props.offers.map(({ id }) => id) : []),
})
const areArchived = computed(() => chosen.value.some(({ state }) => state === 'archived'))
const states = computed(() =>
  areArchived.value
    ? [{ state: 'paused' as const, label: 'Bring back', done: 'brought back, and paused' }]
    : [
        { state: 'live' as const, label: 'Publish', done: 'published' },
        { state: 'paused' as const, label: 'Pause', done: 'paused' },
        { state: 'archived' as const, label: 'Archive', done: 'archived' },
      ],
)

function nameOf(id: number): string {
  const short = props.offers.find((offer) => offer.id === id)?.short
  return short ? `${short.caption}: ${short.goods}` : `Offer ${id}`
}
</script>

<template>
  <div class="min-h-9 border-b border-rule py-1">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
      <label class="flex min-h-7 items-center gap-x-4 text-sm">
        <input v-model="areAll" type="checkbox" class="size-4 accent-sea" aria-label="Select all on this page" />
        <span v-if="chosen.length" class="font-semibold">{{ chosen.length }} selected</span>
        <span v-else class="text-pencil">Select offers to publish, pause, archive them or give them a look.</span>
      </label>
      <template v-if="chosen.length">
        <button
          v-for="act in states"
          :key="act.state"
          type="button"
          class="follow min-h-7"
          @click="many.toState(selected, act.state, act.done)"
        >
          {{ act.label }}
        </button>
        <Menu as="div" class="relative">
          <MenuButton class="follow min-h-7">Give them a look</MenuButton>
          <MenuItems class="absolute z-30 mt-1 w-64 border border-rule bg-sheet py-1 shadow-lg">
            <MenuItem v-slot="{ active }">
              <button
                type="button"
                class="block w-full px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="many.toLook(selected, null, 'the default look')"
              >
                The default look
              </button>
            </MenuItem>
            <MenuItem v-for="look in looks.filter(({ is_away }) => !is_away)" :key="look.id" v-slot="{ active }">
              <button
                type="button"
                class="flex w-full items-center gap-3 px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="many.toLook(selected, look.id, look.entry.name)"
              >
                <LookSwatch :entry="look.entry" /><bdi class="truncate">{{ look.entry.name }}</bdi>
              </button>
            </MenuItem>
          </MenuItems>
        </Menu>
        <button type="button" class="follow min-h-7" @click="selected = []">Clear</button>
      </template>
      <p role="status" class="text-sm sm:ml-auto">
        <template v-if="said"
          >{{ said }}
          <button v-if="before.length" type="button" class="follow ml-2 min-h-7" @click="many.takeBack">Undo</button>
        </template>
      </p>
    </div>
    <p v-if="refusal" class="py-1 text-wrong" role="alert">{{ refusal.message }}</p>
    <ul v-if="stayed.length" class="my-2 border-l-4 border-amber py-1 pl-4 text-sm" role="status">
      <li v-for="offer in stayed" :key="offer.offer">
        <bdi>{{ nameOf(offer.offer) }}</bdi> stayed as it was. {{ offer.why }}
      </li>
    </ul>
  </div>
</template>
