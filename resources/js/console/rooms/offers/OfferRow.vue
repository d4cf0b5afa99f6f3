<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import MiniButton from '../../kit/MiniButton.vue'
import StateMark from '../../kit/StateMark.vue'
import OfferSentence from './OfferSentence.vue'
import TraceLine from '../../kit/TraceLine.vue'

/** An offer in its short form, on which its sentence opens. */
const props = defineProps<{ offer: Schemas['OfferRow']; looks: Schemas['OfferLook'][]; isSaid: boolean }>()
const selected = defineModel<number[]>('selected', { required: true })
const session = useSession()
const look = computed(() => props.looks.find(({ id }) => id === props.offer.look)?.entry)
const isCaution = computed(() => props.offer.places.some((place) => place.is_paused || place.is_stale))
const clicks = computed(() => {
  const all = props.offer.trace.reduce((sum, ofDay) => sum + ofDay, 0)
  return all === 1 ? '1 click' : `${all} clicks`
})
const where = computed(() => {
  const others = props.offer.places.length - 1
  return others > 0 ? `and ${others} more` : ''
})
</script>

<template>
  <Disclosure v-slot="{ open }" :default-open="isSaid">
    <li class="border-b border-rule" data-offer>
      <div
        class="relative grid min-h-[46px] grid-cols-[1.5rem_minmax(0,1fr)_auto_1.75rem] items-center gap-x-4 py-0.5 md:grid-cols-[1.5rem_5rem_9.5rem_minmax(0,1fr)_4.5rem_minmax(0,11rem)_12.5rem_1.75rem]"
      >
        <input
          v-model="selected"
          type="checkbox"
          :value="offer.id"
          class="relative z-10 size-4 accent-sea"
          :aria-label="`Select ${offer.short.caption}: ${offer.short.goods}`"
        />
        <StateMark :state="offer.state" class="max-md:hidden" />
        <MiniButton :look="look" :caption="offer.short.caption" class="justify-self-start max-md:hidden" />
        <span class="min-w-0 leading-snug">
          <RouterLink
            :to="{ name: 'desk', params: { shop: session.slug, id: offer.id } }"
            class="block truncate font-medium after:absolute after:inset-0 hover:underline"
            dir="auto"
            ><span class="md:sr-only">{{ offer.short.caption }}: </span>{{ offer.short.goods }}</RouterLink
          >
          <span class="block truncate text-sm text-pencil">
            <strong v-if="offer.short.is_sold_out" class="font-semibold text-amber">Sold out · </strong>
            <span class="md:hidden">{{ offer.state }} · {{ clicks }} · </span>
            <bdi>{{ offer.short.leads }}</bdi>
          </span>
        </span>
        <span class="text-right tabular-nums">{{ offer.short.amount }}</span>
        <span class="min-w-0 truncate text-sm max-md:hidden" :class="isCaution ? 'text-amber' : 'text-pencil'">
          <template v-if="offer.places[0]"
            ><bdi>{{ offer.places[0].page }}</bdi> {{ where }}</template
          >
          <template v-else>Not placed yet</template>
        </span>
        <TraceLine :trace="offer.trace" class="justify-self-end max-md:hidden" />
        <DisclosureButton
          class="relative z-10 grid size-7 place-items-center text-sea"
          :aria-label="`${open ? 'Close' : 'Open'} the sentence of ${offer.short.caption}: ${offer.short.goods}`"
        >
          <svg viewBox="0 0 12 8" width="12" height="8" aria-hidden="true" :class="{ 'rotate-180': open }">
            <path d="M1 1l5 5 5-5" fill="none" stroke="currentColor" stroke-width="1.8" />
          </svg>
        </DisclosureButton>
      </div>
      <DisclosurePanel class="pb-3 pl-10">
        <p class="max-w-4xl text-lg leading-normal"><OfferSentence :segments="offer.sentence" /></p>
        <!-- Each placement hangs on its offer by a line. -->
        <div class="mt-1.5 flex flex-wrap gap-x-8 gap-y-1 text-sm text-pencil">
          <ul v-if="offer.places.length" class="flex min-w-0 flex-wrap gap-x-5 gap-y-1" aria-label="Placed on">
            <li v-for="(place, index) in offer.places" :key="index" class="flex min-w-0 items-center gap-1.5">
              <svg
                viewBox="0 0 22 16"
                width="22"
                height="16"
                class="flex-none text-sea"
                aria-hidden="true"
                fill="none"
                stroke="currentColor"
              >
                <path d="M1 0c0 7 4 9 13 9" />
                <path d="M18 5l3 4-3 4-3-4z" fill="currentColor" stroke="none" />
              </svg>
              <span class="truncate"
                ><bdi>{{ place.page }}</bdi> · {{ place.medium }}</span
              >
              <span v-if="place.is_paused" class="whitespace-nowrap text-amber">paused</span>
              <span v-if="place.is_stale" class="whitespace-nowrap text-amber">copy again</span>
            </li>
          </ul>
          <p v-else>Not placed anywhere yet.</p>
          <p>{{ offer.way }}</p>
        </div>
      </DisclosurePanel>
    </li>
  </Disclosure>
</template>
