<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'
import PictureDialog from './PictureDialog.vue'
import { useSheetCells } from './sheetCells'
import { columnsOf } from './sheetColumns'

type VariantEntry = Schemas['VariantEntry']

/** The variants as a sheet: arrow keys go from cell to cell, and cells copied from a spreadsheet can be pasted. */
const props = defineProps<{
  combinations: Schemas['Combination'][]
  options: Schemas['OptionEntry'][]
  pictures: Schemas['Picture'][]
  errorAt: (path: string) => string | undefined
  /** The parts of the form that the product's kind has. */
  parts: Schemas['ProductPart'][]
}>()
const variants = defineModel<VariantEntry[]>({ required: true })
const table = useTemplateRef<HTMLTableElement>('table')
const columns = computed(() => columnsOf(props.parts))

const prices = computed(
  () => new Map(props.combinations.map((each) => [JSON.stringify(each.choices), each.price_shown])),
)
const left = computed(() => {
  const kept = new Set(variants.value.map((variant) => JSON.stringify(variant.choices)))
  // The server's answer may be of a moment ago: a combination of names that are typed over is none.
  const isCurrent = (choices: string[]): boolean =>
    choices.every((name, at) => props.options[at]?.choices.some((choice) => choice.name.trim() === name))
  return props.combinations.filter(({ choices }) => isCurrent(choices) && !kept.has(JSON.stringify(choices)))
})
const findings = computed(() =>
  variants.value.flatMap((variant, row) =>
    columns.value.flatMap(({ key }) => {
      const sentence = props.errorAt(`variants.${row}.${key}`)
      return sentence ? [`${variant.choices.join(' · ')}: ${sentence}`] : []
    }),
  ),
)

function change(row: number, part: Partial<VariantEntry>): void {
  variants.value = variants.value.map((variant, at) => (at === row ? { ...variant, ...part } : variant))
}

function addLeft(): void {
  const added = left.value.map(({ choices, sku }) => ({
    choices,
    sku,
    price: '',
    stock: '',
    stock_seen: null,
    weight: '',
    picture_id: null,
    is_preselected: false,
    begins: '',
    ends: '',
    place: '',
  }))
  variants.value = [...variants.value, ...added]
}

function preselect(row: number): void {
  variants.value = variants.value.map((variant, at) => ({
    ...variant,
    is_preselected: at === row && !variant.is_preselected,
  }))
}

const picturing = ref<number | null>(null)

function pictureOf(id: number | null): Schemas['Picture'] | undefined {
  return props.pictures.find((picture) => picture.id === id)
}

function pictureName(id: number | null): string {
  const picture = pictureOf(id)
  return picture ? picture.alt || `number ${props.pictures.indexOf(picture) + 1}` : 'as the product'
}

function showPicture(id: number | null): void {
  if (picturing.value !== null) change(picturing.value, { picture_id: id })
  picturing.value = null
}

const { steer, paste } = useSheetCells(table, (cells) => {
  const filled = variants.value.map((variant) => ({ ...variant }))
  for (const { row, column, text } of cells) {
    const target = filled[row]
    const key = columns.value[column]?.key
    if (target && key) target[key] = text
  }
  variants.value = filled
})
</script>

<template>
  <div>
    <PictureDialog
      :is-open="picturing !== null"
      :of="picturing === null ? '' : (variants[picturing]?.choices.join(' · ') ?? '')"
      :pictures="pictures"
      :chosen="picturing === null ? null : (variants[picturing]?.picture_id ?? null)"
      @pick="showPicture"
      @close="picturing = null"
    />
    <div v-if="variants.length > 0" class="max-h-[32rem] overflow-auto border-y border-rule">
      <table ref="table" class="sheet w-full">
        <caption class="sr-only">
          Variants
        </caption>
        <thead>
          <tr>
            <th v-for="(option, index) in options" :key="index" scope="col" dir="auto">{{ option.name }}</th>
            <th v-for="column in columns" :key="column.key" scope="col">{{ column.title }}</th>
            <th v-if="pictures.length > 0" scope="col">Picture</th>
            <th scope="col">Preselected</th>
            <th scope="col"><span class="sr-only">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(variant, row) in variants" :key="JSON.stringify(variant.choices)">
            <th v-for="(choice, index) in variant.choices" :key="index" scope="row" dir="auto">{{ choice }}</th>
            <td v-for="(column, index) in columns" :key="column.key">
              <input
                :data-cell="`${row}-${index}`"
                :value="variant[column.key]"
                :inputmode="column.mode"
                :type="column.type ?? 'text'"
                :placeholder="column.key === 'price' ? (prices.get(JSON.stringify(variant.choices)) ?? '') : ''"
                :aria-label="`${column.title} of ${variant.choices.join(', ')}`"
                :aria-invalid="errorAt(`variants.${row}.${column.key}`) ? 'true' : undefined"
                :class="{ 'font-mono': column.key === 'sku' }"
                autocomplete="off"
                @input="change(row, { [column.key]: typed($event) })"
                @keydown="steer($event, row, index)"
                @paste="paste($event, row, index)"
              />
            </td>
            <td v-if="pictures.length > 0">
              <button
                type="button"
                class="min-h-7 text-sea"
                :aria-label="`Picture of ${variant.choices.join(', ')}: ${pictureName(variant.picture_id)}. Change it`"
                @click="picturing = row"
              >
                <img
                  v-if="pictureOf(variant.picture_id)"
                  :src="pictureOf(variant.picture_id)?.path"
                  alt=""
                  class="size-8 object-cover"
                />
                <span v-else>as the product</span>
              </button>
            </td>
            <td class="text-center">
              <input
                type="checkbox"
                class="size-5 accent-[var(--sea)]"
                :checked="variant.is_preselected"
                :aria-label="`${variant.choices.join(', ')} is chosen at first`"
                @change="preselect(row)"
              />
            </td>
            <td>
              <button
                type="button"
                class="min-h-7 min-w-7 text-sea"
                :aria-label="`Remove ${variant.choices.join(', ')}`"
                @click="variants = variants.filter((_, at) => at !== row)"
              >
                ×
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <ul v-if="findings.length > 0" class="mt-2 text-sm text-wrong" role="alert">
      <li v-for="finding in findings.slice(0, 5)" :key="finding">{{ finding }}</li>
    </ul>
    <p v-if="errorAt('variants')" class="mt-2 text-sm text-wrong" role="alert">{{ errorAt('variants') }}</p>
    <p class="mt-2 flex flex-wrap items-baseline gap-x-4 text-sm text-pencil">
      <button v-if="left.length > 0" type="button" class="side-deed" @click="addLeft">
        Add {{ left.length }} {{ left.length === 1 ? 'variant' : 'variants' }}
      </button>
      <span
        >Blank own price: as the choices say. Blank stock: not counted.<template v-if="parts.includes('dates')">
          Blank date: as the product says.</template
        >
        Cells copied from a spreadsheet can be pasted.</span
      >
    </p>
  </div>
</template>
