<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import PageTurner from '../../kit/PageTurner.vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import PartnersNav from './PartnersNav.vue'
import ReportColumns from './ReportColumns.vue'
import ReportSales from './ReportSales.vue'
import { useRefreshing } from './useRefreshing'

const props = defineProps<{ id: number }>()
const session = useSession()
const route = useRoute()
const router = useRouter()
const path = { shop: session.slug, report: props.id }
const rows = ref<Schemas['ReportRows'] | null>(null)
const open = ref<Schemas['OpenReport'] | null>(null)
const refusal = ref<Refusal | null>(null)
const report = computed(() => rows.value?.report ?? null)

async function load(): Promise<void> {
  const page = Number(route.query.page) || 1
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/reports/{report}', { params: { path, query: { page } } }),
  )
  refusal.value = refused ?? null
  if (data) rows.value = data
  if (data?.report.state !== 'new' || open.value) return
  const asked = await outcome(api.GET('/shops/{shop}/reports/{report}/columns', { params: { path } }))
  refusal.value = asked.refusal ?? null
  open.value = asked.data ?? null
}

onMounted(load)
useRefreshing(() => report.value?.state === 'reading', load)

const takeBack = oneAtATime(async (isBack: boolean): Promise<void> => {
  const { refusal: refused } = await outcome(
    api.POST('/shops/{shop}/reports/{report}/back', { params: { path }, body: { is_back: isBack } }),
  )
  refusal.value = refused ?? null
  await load()
})

const drop = oneAtATime(async (): Promise<void> => {
  const { refusal: refused } = await outcome(api.DELETE('/shops/{shop}/reports/{report}', { params: { path } }))
  refusal.value = refused ?? null
  if (!refused) await router.push({ name: 'reports', params: { shop: session.slug } })
})

async function turnTo(page: number): Promise<void> {
  await router.replace({ query: { page } })
  await load()
}

const count = (n: number, one: string): string => (n === 1 ? `one ${one}` : `${n} ${one}s`)
</script>

<template>
  <div class="pt-6 pb-16">
    <h1 class="sentence mb-4 text-3xl font-semibold [overflow-wrap:anywhere]" dir="auto">
      {{ report?.name ?? 'Report' }}
    </h1>
    <PartnersNav />
    <p v-if="refusal" class="mb-3 text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!rows && !refusal" class="py-6 text-pencil">Loading…</p>
    <ReportColumns v-if="report?.state === 'new' && open" :open="open" @reading="load" @drop="drop" />
    <div v-else-if="report?.state === 'reading'" role="status">
      <p class="mb-2">
        Being read: {{ report.progress }} %, {{ count(report.sales, 'sale') }} so far. You can leave; it goes on.
      </p>
      <div class="h-2 max-w-xl bg-rule" aria-hidden="true">
        <div class="h-2 bg-sea" :style="{ width: `${report.progress}%` }" />
      </div>
    </div>
    <template v-else-if="rows && report">
      <div class="mb-5 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <p>
          <bdi class="font-medium">{{ report.marketplace }}</bdi>:
          <template v-if="report.state === 'taken_back'">taken back; nothing of it counts.</template>
          <template v-else
            >{{ count(report.counted, 'sale') }} {{ report.counted === 1 ? 'counts' : 'count' }},
            {{ report.earned }} earned.</template
          >
          <template v-if="report.repeated"> {{ report.repeated }} known from an earlier report.</template>
          <template v-if="report.corrected"> {{ report.corrected }} corrected by a later one.</template>
        </p>
        <button v-if="report.state === 'done'" type="button" class="side-deed" @click="takeBack(true)">
          Take the report back
        </button>
        <button v-else type="button" class="side-deed" @click="takeBack(false)">Let it count again</button>
      </div>
      <section v-if="rows.faults.length > 0" class="mb-6 border-l-4 border-amber py-1 pl-4" data-faults>
        <h2 class="mb-2 font-semibold">Rows that are no sales</h2>
        <ul class="grid gap-2">
          <li v-for="fault in rows.faults" :key="fault.row">
            <span class="font-medium">Row {{ fault.row }}:</span> {{ fault.sentence }}
            <span class="block font-mono text-sm [overflow-wrap:anywhere] text-pencil" dir="auto">{{
              fault.cells
            }}</span>
          </li>
        </ul>
      </section>
      <ReportSales :sales="rows.items" />
      <PageTurner :at="rows.at" @turn="turnTo" />
    </template>
  </div>
</template>
