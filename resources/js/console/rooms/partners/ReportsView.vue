<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import PageTitle from '../../kit/PageTitle.vue'
import PageTurner from '../../kit/PageTurner.vue'
import { api, outcome } from '../../lib/client'
import { useDates } from '../../lib/useDates'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import PartnersNav from './PartnersNav.vue'
import ReportUpload from './ReportUpload.vue'
import { useRefreshing } from './useRefreshing'

const session = useSession()
const router = useRouter()
const { dayAndTime } = useDates()
const { list, refusal, turnTo, load } = useList(({ page }) =>
  outcome(api.GET('/shops/{shop}/reports', { params: { path: { shop: session.slug }, query: { page } } })),
)
const marketplaces = computed(() => list.value?.marketplaces.map(({ value, label }) => ({ value, label })) ?? [])
const chosen = ref('')

useRefreshing(() => list.value?.items.some(({ state }) => state === 'reading') ?? false, load)

const count = (n: number, one: string): string => (n === 1 ? `one ${one}` : `${n} ${one}s`)
</script>

<template>
  <div class="pt-6 pb-16">
    <PageTitle title="Reports" help="reports" class="mb-4" />
    <PartnersNav />
    <p v-if="refusal" class="mb-3 text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
    <template v-if="list">
      <p v-if="marketplaces.length === 0" class="py-6">
        You have no marketplace yet.
        <RouterLink :to="{ name: 'partners', params: { shop: session.slug } }" class="follow">Add one first</RouterLink>
      </p>
      <ReportUpload
        v-else
        v-model="chosen"
        :marketplaces="marketplaces"
        class="mb-6"
        @opened="(id) => router.push({ name: 'report', params: { shop: session.slug, id } })"
      />
      <p v-if="list.items.length === 0" class="sentence max-w-xl py-6 text-2xl">
        No report yet. Download one from a marketplace as CSV, and choose it here.
      </p>
      <table v-else class="w-full">
        <thead>
          <tr class="small-title border-b border-rule text-left align-bottom">
            <th scope="col" class="py-2 pr-4 font-semibold">Report</th>
            <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">Uploaded</th>
            <th scope="col" class="py-2 pr-4 font-semibold">State</th>
            <th scope="col" class="py-2 text-right font-semibold">Earned</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="report in list.items"
            :key="report.id"
            class="relative border-b border-rule align-baseline"
            data-report
          >
            <td class="py-2.5 pr-4">
              <RouterLink
                :to="{ name: 'report', params: { shop: session.slug, id: report.id } }"
                class="block font-medium [overflow-wrap:anywhere] after:absolute after:inset-0 hover:underline"
                dir="auto"
                >{{ report.name }}</RouterLink
              >
              <bdi class="text-sm text-pencil">{{ report.marketplace }}</bdi>
            </td>
            <td class="hidden py-2.5 pr-4 whitespace-nowrap text-pencil sm:table-cell">
              {{ dayAndTime(report.uploaded_at) }}
            </td>
            <td class="py-2.5 pr-4">
              <span v-if="report.state === 'new'" class="font-semibold text-amber">Columns still to choose</span>
              <span v-else-if="report.state === 'reading'">Being read, {{ report.progress }} %</span>
              <span v-else-if="report.state === 'taken_back'" class="text-pencil">Taken back</span>
              <template v-else>
                {{ count(report.counted, 'sale') }}
                <span v-if="report.repeated" class="block text-sm text-pencil"
                  >{{ report.repeated }} known from an earlier report</span
                >
                <span v-if="report.corrected" class="block text-sm text-pencil"
                  >{{ report.corrected }} corrected by a later report</span
                >
              </template>
              <span v-if="report.state === 'done' && report.uncredited" class="block text-sm text-amber"
                >{{ report.uncredited }} not credited</span
              >
              <span v-if="report.unread" class="block text-sm text-amber"
                >{{ count(report.unread, 'row') }} can’t be read</span
              >
            </td>
            <td class="py-2.5 text-right whitespace-nowrap tabular-nums">
              {{ report.state === 'done' ? report.earned : '–' }}
            </td>
          </tr>
        </tbody>
      </table>
      <PageTurner :at="list.at" @turn="turnTo" />
    </template>
  </div>
</template>
