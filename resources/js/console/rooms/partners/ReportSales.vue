<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { shownDay } from '../../lib/shownDay'

/** The sales of a report, each with the place that it is credited to, and how that was found. */
defineProps<{ sales: Schemas['PartnerSale'][] }>()

const stands: Record<Schemas['SaleStands'], string> = {
  waiting: '',
  counts: '',
  repeated: 'Known from an earlier report',
  corrected: 'Corrected by a later report',
  taken_back: '',
}
</script>

<template>
  <p v-if="sales.length === 0" class="py-6">There is no sale in this report.</p>
  <table v-else class="w-full">
    <thead>
      <tr class="small-title border-b border-rule text-left align-bottom">
        <th scope="col" class="hidden py-2 pr-4 font-semibold sm:table-cell">Row</th>
        <th scope="col" class="py-2 pr-4 font-semibold">Day</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold md:table-cell">Item</th>
        <th scope="col" class="hidden py-2 pr-4 font-semibold md:table-cell">Sub-ID</th>
        <th scope="col" class="py-2 pr-4 font-semibold">Credited to</th>
        <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">Amount sold</th>
        <th scope="col" class="py-2 text-right font-semibold">Earned</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="sale in sales" :key="sale.id" class="border-b border-rule align-baseline" data-sale>
        <td class="hidden py-2 pr-4 text-pencil tabular-nums sm:table-cell">{{ sale.row }}</td>
        <td class="py-2 pr-4 whitespace-nowrap">{{ shownDay(sale.day) }}</td>
        <td class="hidden py-2 pr-4 font-mono text-sm [overflow-wrap:anywhere] md:table-cell" dir="auto">
          {{ sale.item || '–' }}
        </td>
        <td class="hidden py-2 pr-4 font-mono text-sm [overflow-wrap:anywhere] md:table-cell" dir="auto">
          {{ sale.sub_id || '–' }}
        </td>
        <td class="max-w-md py-2 pr-4">
          <span class="flex flex-wrap items-baseline gap-x-3">
            <span v-if="sale.place" class="font-medium [overflow-wrap:anywhere]" dir="auto">{{ sale.place }}</span>
            <span v-else class="font-medium text-amber">Not credited</span>
            <span class="text-sm" :class="sale.credited_by === 'unsure' ? 'text-amber' : 'text-pencil'">
              {{ sale.place ? sale.label : sale.why }}
              <template v-if="stands[sale.stands]"> {{ stands[sale.stands] }}.</template>
            </span>
          </span>
          <span v-if="sale.candidates.length > 1 || (sale.candidates.length === 1 && !sale.place)" class="block text-sm"
            >Clicks before it: <bdi>{{ sale.candidates.join(', ') }}</bdi></span
          >
        </td>
        <td class="hidden py-2 pr-4 text-right whitespace-nowrap tabular-nums sm:table-cell">
          {{ sale.amount || '–' }}
        </td>
        <td class="py-2 text-right whitespace-nowrap tabular-nums">{{ sale.commission }}</td>
      </tr>
    </tbody>
  </table>
</template>
