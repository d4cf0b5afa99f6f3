<script setup lang="ts">
import LedgerRow from '../../kit/LedgerRow.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import MovedNotice from './MovedNotice.vue'
import PriceTimeline from './PriceTimeline.vue'
import type { useProductForm } from './useProductForm'
import { useProductKind } from './useProductKind'

/** What a product is sold for, or given, and when it takes place. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, check, untold, isWorking, change, errorAt } = form
const { value, field } = useFields(entry, change, errorAt)
const { kind, has } = useProductKind(form)
</script>

<template>
  <template v-if="entry">
    <LedgerRow v-if="has('price')" title="Price">
      <div
        class="grid gap-4"
        :class="
          kind?.is_given ? 'sm:grid-cols-[12rem]' : 'sm:grid-cols-[7rem_7rem_minmax(0,14.5rem)_minmax(0,14.5rem)]'
        "
      >
        <TextField
          v-bind="field('price')"
          :label="`${kind?.is_given ? 'Usual amount' : 'Price'}, ${session.shop?.currency}`"
          inputmode="decimal"
          :note="check?.price_shown ? `Shoppers see ${check.price_shown}.` : 'Such as 9.80.'"
        />
        <TextField
          v-if="has('sale')"
          v-bind="field('sale_price')"
          label="Sale price"
          inputmode="decimal"
          note="Blank: no sale."
        />
        <template v-if="has('sale') && entry.sale_price !== ''">
          <TextField v-bind="field('sale_from')" label="From" type="datetime-local" note="The shop’s clock." />
          <TextField v-bind="field('sale_until')" label="Up to" type="datetime-local" />
        </template>
      </div>
      <PriceTimeline v-if="has('sale') && check && check.timeline.length > 1" :stretches="check.timeline" />
    </LedgerRow>

    <LedgerRow v-if="has('amounts')" title="Amounts">
      <div class="grid gap-4 sm:grid-cols-[8rem_8rem_minmax(0,1fr)]">
        <TextField v-bind="field('least')" label="Minimum" inputmode="decimal" note="Blank: anything." />
        <TextField
          v-bind="field('most')"
          label="Maximum"
          inputmode="decimal"
          :note="has('recipient') ? 'Blank: only the suggested amounts.' : undefined"
        />
        <TextField
          v-bind="field('suggested')"
          label="Suggested amounts"
          note="With commas between them, such as 5, 10, 25."
        />
      </div>
    </LedgerRow>

    <LedgerRow v-if="has('dates')" title="Date and place">
      <div class="grid gap-4 sm:grid-cols-[minmax(0,14.5rem)_minmax(0,14.5rem)_minmax(0,1fr)]">
        <TextField
          v-bind="field('begins')"
          label="Begins"
          type="datetime-local"
          note="The shop’s clock. Blank: its variants say, or no date."
        />
        <TextField v-bind="field('ends')" label="Ends" type="datetime-local" />
        <TextField v-bind="field('place')" label="Place" note="Where shoppers are to come." />
      </div>
      <SwitchField v-bind="value('asks_attendees')" class="mt-4" label="Ask who comes, a name for each seat" />
      <MovedNotice v-if="untold > 0" class="mt-4" :count="untold" :is-working="isWorking" @tell="form.tell" />
    </LedgerRow>
  </template>
</template>
