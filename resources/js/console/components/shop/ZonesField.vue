<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../../shared/client'
import { useSession } from '../../stores/session'
import PickField from '../PickField.vue'
import TagField from '../TagField.vue'
import TextField from '../TextField.vue'
import StepChart from './StepChart.vue'

type Zone = Schemas['ZoneEntry']
type Table = Schemas['FeeTable']
type By = Schemas['ShippingMeasure'] | 'items'

/** Zones, each with its countries and its table of fees as thresholds. */
const props = defineProps<{
  charts: Schemas['FeeStep'][][]
  errorAt: (path: string) => string | undefined
  /** ISO 3166-1 alpha-2: where a first zone ships to, to begin with. */
  home: string
}>()
const zones = defineModel<Zone[]>({ required: true })
const session = useSession()
const ELSEWHERE = 'everywhere else'
const measures: { value: By; label: string }[] = [
  { value: 'total', label: 'by what the goods are worth' },
  { value: 'weight', label: 'by weight, in grams' },
  { value: 'quantity', label: 'by the number of pieces' },
  { value: 'items', label: 'by the fees on the items' },
]

const names = computed(() => new Map(session.shop?.countries.map(({ code, name }) => [code, name])))
const codes = computed(() => new Map(session.shop?.countries.map(({ code, name }) => [name, code])))
const free = computed(() => {
  const taken = new Set(zones.value.flatMap((zone) => zone.countries))
  const left = (session.shop?.countries ?? []).filter(({ code }) => !taken.has(code)).map(({ name }) => name)
  return taken.has('*') ? left : [ELSEWHERE, ...left]
})

function change(at: number, part: Partial<Zone>): void {
  zones.value = zones.value.map((zone, index) => (index === at ? { ...zone, ...part } : zone))
}

function changeTable(at: number, part: Partial<Table>): void {
  const table = zones.value[at]?.table
  if (table) change(at, { table: { ...table, ...part } })
}

function changeBand(at: number, bandAt: number, part: Partial<Table['bands'][number]>): void {
  const table = zones.value[at]?.table
  if (table)
    changeTable(at, { bands: table.bands.map((band, index) => (index === bandAt ? { ...band, ...part } : band)) })
}

function measureBy(at: number, by: By): void {
  const fee = zones.value[at]?.table?.bands[0]?.fee ?? '0'
  change(at, { table: by === 'items' ? null : { by, limit: null, bands: [{ from: by === 'total' ? '0' : 0, fee }] } })
}

/** A table by total takes amounts, the others whole numbers; what is neither is sent as it is typed, and refused there. */
function threshold(table: Table, text: string): string | number {
  return table.by !== 'total' && /^\d{1,9}$/.test(text.trim()) ? Number(text) : text
}

function setCountries(at: number, picked: string[]): void {
  change(at, { countries: picked.map((name) => (name === ELSEWHERE ? '*' : (codes.value.get(name) ?? name))) })
}

function bandErrors(at: number): string[] {
  const bands = zones.value[at]?.table?.bands ?? []
  return bands.flatMap((_, bandAt) =>
    ['from', 'fee'].flatMap((key) => props.errorAt(`zones[${at}].table.bands[${bandAt}].${key}`) ?? []),
  )
}

function typed(event: Event): string {
  return event.target instanceof HTMLInputElement ? event.target.value : ''
}
</script>

<template>
  <div class="grid gap-7">
    <fieldset v-for="(zone, at) in zones" :key="at" class="min-w-0">
      <legend class="sr-only">Zone {{ zone.name }}</legend>
      <div class="grid items-start gap-4 sm:grid-cols-[10rem_minmax(0,1fr)_auto]">
        <TextField
          :model-value="zone.name"
          label="Zone"
          :error="errorAt(`zones[${at}].name`)"
          @update:model-value="(name) => change(at, { name })"
        />
        <TagField
          label="Countries"
          :known="free"
          :model-value="zone.countries.map((code) => (code === '*' ? ELSEWHERE : (names.get(code) ?? code)))"
          :error="
            zone.countries.map((_, index) => errorAt(`zones[${at}].countries[${index}]`)).find((sentence) => sentence)
          "
          @update:model-value="(picked: string[]) => setCountries(at, picked)"
        />
        <button
          type="button"
          class="side-deed justify-self-start sm:mt-7"
          @click="zones = zones.filter((_, index) => index !== at)"
        >
          Remove <span class="sr-only">zone {{ zone.name }}</span>
        </button>
      </div>
      <div class="mt-3 grid items-start gap-4 sm:grid-cols-[17rem_9rem_9rem]">
        <PickField
          label="Costs"
          :model-value="zone.table?.by ?? 'items'"
          :choices="measures"
          @update:model-value="(by: By) => measureBy(at, by)"
        />
        <TextField
          :model-value="zone.free_from ?? ''"
          label="Free from"
          inputmode="decimal"
          note="Blank: never."
          :error="errorAt(`zones[${at}].free_from`)"
          @update:model-value="(text) => change(at, { free_from: text === '' ? null : text })"
        />
        <TextField
          v-if="zone.table"
          :model-value="String(zone.table.limit ?? '')"
          label="No more than"
          inputmode="decimal"
          note="Blank: anything."
          :error="errorAt(`zones[${at}].table.limit`)"
          @update:model-value="
            (text) => zone.table && changeTable(at, { limit: text === '' ? null : threshold(zone.table, text) })
          "
        />
      </div>
      <div v-if="zone.table" class="mt-3 grid gap-x-8 gap-y-3 md:grid-cols-[16rem_minmax(0,1fr)]">
        <div>
          <div class="grid grid-cols-[1fr_1fr_2rem] gap-x-2 text-sm text-pencil" aria-hidden="true">
            <span>From</span><span>costs</span>
          </div>
          <div
            v-for="(band, bandAt) in zone.table.bands"
            :key="bandAt"
            class="grid grid-cols-[1fr_1fr_2rem] items-center gap-x-2 py-0.5"
          >
            <input
              class="entry"
              :value="band.from"
              :readonly="bandAt === 0"
              inputmode="decimal"
              :aria-label="`Band ${bandAt + 1} of ${zone.name} begins at`"
              :aria-invalid="errorAt(`zones[${at}].table.bands[${bandAt}].from`) ? 'true' : undefined"
              @input="zone.table && changeBand(at, bandAt, { from: threshold(zone.table, typed($event)) })"
            />
            <input
              class="entry"
              :value="band.fee"
              inputmode="decimal"
              :aria-label="`Band ${bandAt + 1} of ${zone.name} costs`"
              :aria-invalid="errorAt(`zones[${at}].table.bands[${bandAt}].fee`) ? 'true' : undefined"
              @input="changeBand(at, bandAt, { fee: typed($event) })"
            />
            <button
              v-if="bandAt > 0"
              type="button"
              class="min-h-8 text-sea"
              :aria-label="`Remove band ${bandAt + 1} of ${zone.name}`"
              @click="changeTable(at, { bands: zone.table.bands.filter((_, index) => index !== bandAt) })"
            >
              ×
            </button>
          </div>
          <button
            type="button"
            class="follow min-h-8"
            @click="changeTable(at, { bands: [...zone.table.bands, { from: '', fee: '' }] })"
          >
            Another threshold
          </button>
          <p v-for="sentence in bandErrors(at)" :key="sentence" class="text-sm text-wrong" role="alert">
            {{ sentence }}
          </p>
        </div>
        <StepChart v-if="charts[at]?.length" :steps="charts[at]" class="self-end" />
      </div>
    </fieldset>
    <div>
      <p v-if="zones.length === 0" class="mb-2 text-pencil">
        Nothing ships anywhere yet. A zone says to which countries, and for how much.
      </p>
      <button
        type="button"
        class="side-deed"
        @click="
          zones = [
            ...zones,
            {
              name: 'New zone',
              countries: zones.length === 0 ? [home] : [],
              free_from: null,
              table: { by: 'total', limit: null, bands: [{ from: '0', fee: '0' }] },
            },
          ]
        "
      >
        {{ zones.length === 0 ? 'A first zone' : 'Another zone' }}
      </button>
    </div>
  </div>
</template>
