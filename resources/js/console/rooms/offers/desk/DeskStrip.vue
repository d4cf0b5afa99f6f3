<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import type { Schemas } from '../../../lib/client'
import UndoButtons from '../../../kit/UndoButtons.vue'
import StateMark from '../../../kit/StateMark.vue'

/** What can be done with the offer as a whole. */
const props = defineProps<{
  offer: Schemas['Offer'] | null
  proof: Schemas['Proof']
  isDirty: boolean
  isWorking: boolean
  canTakeBack: boolean
  canRedo: boolean
}>()
defineEmits<{
  save: []
  state: [state: Schemas['OfferState']]
  takeBack: []
  redo: []
  history: []
  duplicate: []
}>()
/** Before the first place, what publishes stands there, and copies too. */
const hasPlaces = computed(() => (props.offer?.placements.length ?? 0) > 0)
const said = computed(() => {
  if (!props.offer) return 'Not saved yet; it is kept in this browser.'
  return props.isDirty ? 'Changed, not saved yet; it is kept in this browser.' : 'All is saved.'
})
</script>

<template>
  <div class="fixed inset-x-0 bottom-0 z-20 border-t border-rule bg-paper">
    <div class="mx-auto flex max-w-[80rem] flex-wrap items-center gap-x-3 gap-y-2 px-5 py-2.5 sm:px-8">
      <StateMark :state="offer?.state ?? 'draft'" />
      <span class="text-sm text-pencil max-sm:sr-only" role="status">{{ said }}</span>
      <span class="ml-auto flex flex-wrap gap-2">
        <UndoButtons
          :can-take-back="canTakeBack && !isWorking"
          :can-redo="canRedo && !isWorking"
          @take-back="$emit('takeBack')"
          @redo="$emit('redo')"
        />
        <Menu v-if="offer" as="div" class="relative">
          <MenuButton class="side-deed">More <span aria-hidden="true">▴</span></MenuButton>
          <MenuItems class="absolute right-0 bottom-full z-30 mb-1 w-56 border-b-3 border-sea bg-sheet py-1 shadow-lg">
            <MenuItem v-slot="{ active }">
              <button
                type="button"
                class="block w-full px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="$emit('history')"
              >
                History
              </button>
            </MenuItem>
            <MenuItem v-slot="{ active }">
              <button
                type="button"
                class="block w-full px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="$emit('duplicate')"
              >
                Duplicate
              </button>
            </MenuItem>
            <MenuItem v-if="offer.next_states.includes('archived')" v-slot="{ active }">
              <button
                type="button"
                class="block w-full px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="$emit('state', 'archived')"
              >
                Archive
              </button>
            </MenuItem>
          </MenuItems>
        </Menu>
        <button
          v-if="offer?.state === 'live'"
          type="button"
          class="side-deed"
          :disabled="isWorking"
          @click="$emit('state', 'paused')"
        >
          Pause
        </button>
        <button
          v-if="offer?.state === 'archived'"
          type="button"
          class="side-deed"
          :disabled="isWorking"
          @click="$emit('state', 'paused')"
        >
          Bring back
        </button>
        <button
          v-if="!offer || isDirty"
          type="button"
          :class="offer?.state === 'live' ? 'deed' : 'side-deed'"
          :disabled="isWorking || !proof.can_save"
          @click="$emit('save')"
        >
          Save
        </button>
        <button
          v-if="!offer || offer.next_states.includes('live')"
          type="button"
          :class="hasPlaces ? 'deed' : 'side-deed'"
          :disabled="isWorking || !proof.can_go_live"
          @click="$emit('state', 'live')"
        >
          {{ offer?.state === 'paused' ? 'Put it live again' : 'Publish' }}
        </button>
      </span>
    </div>
  </div>
</template>
