<script setup lang="ts">
import { computed } from 'vue'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import LedgerRow from '../../kit/LedgerRow.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import { useProductKind } from './useProductKind'
import type { useProductForm } from './useProductForm'

/** What a product is called, what kind it is, and whether it is for sale. */
const props = defineProps<{ form: ReturnType<typeof useProductForm>; isNew: boolean }>()
const { entry, check, change, errorAt } = props.form
const session = useSession()
const { value, field } = useFields(entry, change, errorAt)
const { kind } = useProductKind(props.form)
const kinds = computed(() => (session.lists?.product_kinds ?? []).map(({ value, label }) => ({ value, label })))
const before = computed(() => kinds.value.find(({ value }) => value === props.form.ownKind.value))
</script>

<template>
  <LedgerRow v-if="entry" title="Product" help="sku">
    <div class="grid gap-4 md:grid-cols-[minmax(0,1fr)_13rem]">
      <TextField v-bind="field('name')" label="Name" :is-first="isNew" />
      <TextField v-bind="field('sku')" label="SKU" is-mono note="How links name it. Blank: made from the name." />
      <div class="md:col-span-2">
        <SegmentedChoice v-bind="value('kind')" label="Kind" :choices="kinds" />
        <p class="mt-1 text-sm text-pencil">
          {{ kind?.note }}<template v-if="check?.unused"> {{ check.unused }}</template>
        </p>
        <button
          v-if="before && entry.kind !== before.value"
          type="button"
          class="follow mt-1 min-h-8"
          @click="change({ kind: before.value })"
        >
          Sell it yourself again, as {{ before.label.toLowerCase() }}
        </button>
      </div>
      <div class="md:col-span-2">
        <SwitchField
          :model-value="!entry.is_draft"
          label="For sale"
          @update:model-value="(isForSale) => change({ is_draft: !isForSale })"
        />
        <p v-if="entry.is_draft" class="mt-1 text-sm text-pencil">
          A draft: shoppers don’t see it, and no offer of it can go live.
        </p>
      </div>
    </div>
  </LedgerRow>
</template>
