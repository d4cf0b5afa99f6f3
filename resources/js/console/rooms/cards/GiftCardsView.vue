<script setup lang="ts">
import { computed } from 'vue'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { shownDay } from '../../lib/shownDay'
import { useDates } from '../../lib/useDates'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import { tones } from './tones'

const session = useSession()
const { dayAndTime } = useDates()
const { list, refusal, search, filter, turnTo } = useList((asked, state) =>
  outcome(
    api.GET('/shops/{shop}/gift-cards', {
      params: {
        path: { shop: session.slug },
        query: { ...asked, ...(state === '' ? {} : { state: state as Schemas['CardState'] }) },
      },
    }),
  ),
)
const states = computed(() => [
  { value: '', label: 'All' },
  ...(list.value?.states ?? []).map(({ state, label, count }) => ({
    value: state as string,
    label: `${label} ${count}`,
  })),
])
</script>

<template>
  <ListHead
    v-model="search"
    title="Gift cards"
    help="giftCards"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by code, name, mail, order"
  >
    <RouterLink :to="{ name: 'orders', params: { shop: session.slug } }" class="follow">All orders</RouterLink>
  </ListHead>
  <p v-if="refusal" class="mb-3 text-wrong" role="alert">{{ refusal.message }}</p>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <SegmentedChoice v-model="filter" label="Show" class="mb-4" :choices="states" />
    <div v-if="list.items.length === 0 && search === '' && filter === ''" class="max-w-xl py-10">
      <p class="sentence mb-3 text-2xl">No gift cards were bought yet.</p>
      <p class="text-pencil">
        Make a product of the kind “Gift card”; each one that is bought stands here, with what is left on it.
      </p>
    </div>
    <p v-else-if="list.items.length === 0" class="py-10">No gift card fits.</p>
    <table v-else class="w-full">
      <thead>
        <tr class="small-title border-b border-rule text-left">
          <th scope="col" class="py-2 pr-4 font-semibold">Code</th>
          <th scope="col" class="py-2 pr-4 font-semibold">For</th>
          <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">Bought</th>
          <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">State</th>
          <th scope="col" class="py-2 text-right font-semibold">Left</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="card in list.items" :key="card.id" class="relative border-b border-rule" data-card>
          <td class="py-2.5 pr-4 whitespace-nowrap">
            <RouterLink
              :to="{ name: 'gift-card', params: { shop: session.slug, id: card.id } }"
              class="font-mono after:absolute after:inset-0 hover:underline"
              ><span class="sr-only">Ending in </span>…{{ card.tail }}</RouterLink
            >
          </td>
          <td class="max-w-48 truncate py-2.5 pr-4" dir="auto">{{ card.to }}</td>
          <td class="hidden py-2.5 pr-4 whitespace-nowrap text-pencil sm:table-cell">
            {{ dayAndTime(card.created_at) }}
          </td>
          <td class="hidden py-2.5 pr-4 sm:table-cell" :class="tones[card.state]">
            {{ card.state_label
            }}<span v-if="card.waits_until" class="text-sm text-pencil"
              >, sent on {{ shownDay(card.waits_until) }}</span
            >
          </td>
          <td class="py-2.5 text-right whitespace-nowrap">
            {{ card.balance.shown }} <span class="text-sm text-pencil">of {{ card.value.shown }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
