<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import PickField from '../../kit/PickField.vue'
import TagField from '../../kit/TagField.vue'
import TextField from '../../kit/TextField.vue'
import FeeBands from './FeeBands.vue'
import { threshold } from './threshold'

type Zone = Schemas['ZoneEntry']
type Table = Schemas['FeeTable']
type By = Schemas['ShippingMeasure'] | 'items'

/** Zones, each with its countries and its table of fees as thresholds. */
defineProps<{
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

const names = computed(() => new Map(session.lists?.countries.map(({ code, name }) => [code, name])))
const codes = computed(() => new Map(session.lists?.countries.map(({ code, name }) => [name, code])))
const free = computed(() => {
  const taken = new Set(zones.value.flatMap((zone) => zone.countries))
  const left = (session.lists?.countries ?? []).filter(({ code }) => !taken.has(code)).map(({ name }) => name)
  return taken.has('*') ? left : [ELSEWHERE, ...left]
})

function change(at: number, part: Partial<Zone>): void {
  zones.value = zones.value.map((zone, index) => (index === at ? { ...zone, ...part } : zone))
}

function changeTable(at: number, part: Partial<Table>): void {
  const table = zones.value[at]?.table
  if (table) change(at, { table: { ...table, ...part } })
}

/** Thresholds by zone and measure, as they stood when it was reckoned so last. */
const tables = new Map<string, Table>()

function measureBy(at: number, by: By): void {
  const table = zones.value[at]?.table
  if (table) tables.set(`${at} ${table.by}`, table)
  const earlier = tables.get(`${at} ${by}`)
  if (earlier) return change(at, { table: earlier })
  const fee = zones.value[at]?.table?.bands[0]?.fee ?? '0'
  change(at, { table: by === 'items' ? null : { by, limit: null, bands: [{ from: by === 'total' ? '0' : 0, fee }] } })
}

function removeZone(at: number): void {
  // Those that follow have other numbers then.
  tables.clear()
  zones.value = zones.value.filter((_, index) => index !== at)
}

function setCountries(at: number, picked: string[]): void {
  change(at, { countries: picked.map((name) => (name === ELSEWHERE ? '*' : (codes.value.get(name) ?? name))) })
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
        <button type="button" class="side-deed justify-self-start sm:mt-7" @click="removeZone(at)">
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
      <FeeBands
        v-if="zone.table"
        :model-value="zone.table"
        :zone="zone.name"
        :path="`zones[${at}].table`"
        :steps="charts[at] ?? []"
        :error-at="errorAt"
        @update:model-value="(table) => change(at, { table })"
      />
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
