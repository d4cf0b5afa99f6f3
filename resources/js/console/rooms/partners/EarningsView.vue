<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, outcome, type Schemas } from '../../lib/client'
import PageTitle from '../../kit/PageTitle.vue'
import PageTurner from '../../kit/PageTurner.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'
import { watchImmediate } from '@vueuse/core'
import EarningsChart from './EarningsChart.vue'
import PartnersNav from './PartnersNav.vue'
import { shownDay } from '../../lib/shownDay'

const session = useSession()
const route = useRoute()
const router = useRouter()
const by = computed({
  get: () => (typeof route.query.by === 'string' ? route.query.by : 'month') as Schemas['EarningsBy'],
  set: (now) => void router.replace({ query: { by: now } }),
})
const page = computed(() => Number(route.query.page) || 1)
const latest = useLatest((asked: { by: Schemas['EarningsBy']; page: number }, signal) =>
  outcome(api.GET('/shops/{shop}/earnings', { signal, params: { path: { shop: session.slug }, query: asked } })),
)
const answer = computed(() => latest.answer.value)
const list = computed(() => answer.value?.data ?? null)
const choices = computed(() => list.value?.by.map(({ value, label }) => ({ value, label })) ?? [])
const at = computed(() => list.value && { ...list.value, is_more: false })

watchImmediate([by, page], () => latest.run({ by: by.value, page: page.value }))
</script>

<template>
  <div class="pt-6 pb-16">
    <PageTitle title="Earnings" help="earnings" class="mb-4" />
    <PartnersNav />
    <p v-if="answer?.refusal" class="mb-3 text-wrong" role="alert">{{ answer.refusal.message }}</p>
    <p v-if="!answer" class="py-6 text-pencil">Loading…</p>
    <template v-if="list && at">
      <div class="mb-4 flex flex-wrap items-baseline gap-x-8 gap-y-1">
        <SegmentedChoice v-model="by" label="By" :choices="choices" />
        <p class="text-sm text-pencil">{{ shownDay(list.from) }} to {{ shownDay(list.until) }}</p>
      </div>
      <p v-if="list.items.length === 0" class="sentence max-w-xl py-10 text-2xl">
        Nothing yet. Upload a report of a marketplace, and what it brought stands here.
      </p>
      <template v-else>
        <EarningsChart v-if="by === 'month'" :items="list.items" class="mb-6" />
        <table class="w-full">
          <thead>
            <tr class="small-title border-b border-rule text-left align-bottom">
              <th scope="col" class="py-2 pr-4 font-semibold">
                {{ choices.find(({ value }) => value === by)?.label }}
              </th>
              <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">Clicks</th>
              <th scope="col" class="py-2 pr-4 text-right font-semibold">Sales</th>
              <th scope="col" class="hidden py-2 pr-4 text-right font-semibold md:table-cell">Refunds</th>
              <th scope="col" class="hidden py-2 pr-4 text-right font-semibold md:table-cell">Conversion</th>
              <th scope="col" class="hidden py-2 pr-4 text-right font-semibold md:table-cell">Amount sold</th>
              <th scope="col" class="hidden py-2 pr-4 text-right font-semibold lg:table-cell">Per click</th>
              <th scope="col" class="py-2 text-right font-semibold">Earned</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="item in list.items"
              :key="`${item.name} ${item.currency}`"
              class="border-b border-rule"
              data-earned
            >
              <th scope="row" class="py-2 pr-4 text-left font-medium [overflow-wrap:anywhere]" dir="auto">
                {{ item.name }}
              </th>
              <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{{ item.clicks }}</td>
              <td class="py-2 pr-4 text-right tabular-nums">{{ item.sales }}</td>
              <td class="hidden py-2 pr-4 text-right tabular-nums md:table-cell">{{ item.refunds }}</td>
              <td class="hidden py-2 pr-4 text-right tabular-nums md:table-cell">{{ item.conversion || '–' }}</td>
              <td class="hidden py-2 pr-4 text-right tabular-nums md:table-cell">{{ item.amount }}</td>
              <td class="hidden py-2 pr-4 text-right tabular-nums lg:table-cell">{{ item.per_click || '–' }}</td>
              <td class="py-2 text-right font-medium whitespace-nowrap tabular-nums">{{ item.commission }}</td>
            </tr>
          </tbody>
        </table>
      </template>
      <PageTurner :at="at" @turn="(to) => router.replace({ query: { by, page: to } })" />
    </template>
  </div>
</template>
