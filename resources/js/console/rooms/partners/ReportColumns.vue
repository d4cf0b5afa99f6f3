<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import PickField from '../../kit/PickField.vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'

/** Which column of a report holds what; chosen once for each partner, with its first rows as they are read by it. */
const props = defineProps<{ open: Schemas['OpenReport'] }>()
const emit = defineEmits<{ reading: []; drop: [] }>()
const session = useSession()
const path = { shop: session.slug, report: props.open.id }
const layout = ref<Schemas['ReportLayout']>({ ...props.open.layout })
const refusal = ref<Refusal | null>(null)
const latest = useLatest((tried: Schemas['ReportLayout'], signal) =>
  outcome(api.POST('/shops/{shop}/reports/{report}/trial', { signal, params: { path }, body: tried })),
)
const trial = computed(() => latest.answer.value?.data ?? props.open.trial)
const columns = computed(() => [
  { value: '', label: 'none' },
  ...trial.value.header.map((name) => ({ value: name, label: name })),
])
const marks: { value: Schemas['DecimalMark']; label: string }[] = [
  { value: '.', label: 'A point: 1,234.50' },
  { value: ',', label: 'A comma: 1.234,50' },
]
const choices = computed(() => ({
  encodings: props.open.encodings as { value: Schemas['SheetEncoding']; label: string }[],
  separators: props.open.separators as { value: Schemas['SheetSeparator']; label: string }[],
  orders: props.open.orders as { value: Schemas['DayOrder']; label: string }[],
}))
const failed = computed(() => sentenceAt(latest.answer.value?.refusal, 'separator'))
const errorAt = (name: string): string | undefined => trial.value.errors[name] ?? sentenceAt(refusal.value, name)

// What was refused was what stood there before.
watch(layout, () => (refusal.value = null), { deep: true })
watchDebounced(layout, () => latest.run(layout.value), { debounce: 150, deep: true })

function put(name: string, column: string): void {
  layout.value = { ...layout.value, columns: { ...layout.value.columns, [name]: column } }
}

const read = oneAtATime(async (): Promise<void> => {
  const { refusal: refused } = await outcome(
    api.POST('/shops/{shop}/reports/{report}/read', { params: { path }, body: layout.value }),
  )
  refusal.value = refused ?? null
  if (!refused) emit('reading')
})
</script>

<template>
  <section aria-label="Columns">
    <p class="mb-4 max-w-5xl text-pencil">
      Say once which column is what; the next report of this partner is read the same way. Nothing counts before you
      press “Read the report”.
    </p>
    <div class="grid gap-x-5 gap-y-4 sm:grid-cols-3 lg:grid-cols-5">
      <div v-for="each in open.fields" :key="each.value">
        <PickField
          :model-value="layout.columns[each.value] ?? ''"
          :label="each.label"
          :choices="columns"
          @update:model-value="(column) => put(each.value, column)"
        />
        <p v-if="errorAt(each.value)" class="mt-1 text-sm text-wrong" role="alert">{{ errorAt(each.value) }}</p>
      </div>
    </div>
    <div class="mt-5 grid gap-x-5 gap-y-4 border-t border-rule pt-4 sm:grid-cols-2 lg:grid-cols-4">
      <PickField v-model="layout.mark" label="Decimals stand behind" :choices="marks" />
      <PickField v-model="layout.order" label="Days are written" :choices="choices.orders" />
      <PickField v-model="layout.separator" label="Between cells" :choices="choices.separators" />
      <PickField v-model="layout.encoding" label="Encoding" :choices="choices.encodings" />
    </div>
    <p v-if="failed" class="mt-2 text-wrong" role="alert">{{ failed }}</p>
    <h2 class="sentence mt-6 mb-2 text-lg font-semibold">The first rows, as they are read</h2>
    <ul class="grid gap-1.5">
      <li v-for="row in trial.rows" :key="row.number" class="border-b border-rule pb-1.5" data-row>
        <span class="text-pencil tabular-nums">Row {{ row.number }}</span>
        <span v-if="row.read" class="ml-3" dir="auto">{{ row.read }}</span>
        <span v-else class="ml-3" :class="row.is_totals ? 'text-pencil' : 'text-amber'">{{ row.wrong }}</span>
      </li>
    </ul>
    <p v-if="refusal && !refusal.errors" class="mt-3 text-wrong" role="alert">{{ refusal.message }}</p>
    <div class="sticky bottom-0 mt-5 flex flex-wrap gap-3 border-t border-rule bg-paper py-3">
      <button type="button" class="deed" @click="read">Read the report</button>
      <button type="button" class="side-deed !min-h-10" @click="$emit('drop')">Drop it</button>
    </div>
  </section>
</template>
