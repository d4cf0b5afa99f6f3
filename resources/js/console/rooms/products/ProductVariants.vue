<script setup lang="ts">
import { computed } from 'vue'
import FoldedRow from '../../kit/FoldedRow.vue'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import OptionsField from './OptionsField.vue'
import { saidOf } from './saidOf'
import { useProductKind } from './useProductKind'
import type { useProductForm } from './useProductForm'
import VariantSheet from './VariantSheet.vue'

/** What a shopper chooses of a product, and the variants that come of it. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, pictures, check, change, errorAt } = form
const { value } = useFields(entry, change)
const { kind } = useProductKind(form)
const isVaried = computed(() => (entry.value?.options.length ?? 0) > 0)
</script>

<template>
  <FoldedRow
    v-if="entry"
    title="Variants"
    :said="saidOf.variants(entry)"
    help="variants"
    :opens="isVaried || form.isWrongIn('options') || form.isWrongIn('variants')"
  >
    <OptionsField v-bind="value('options')" :error-at="errorAt" :currency="session.shop?.currency ?? ''" />
    <VariantSheet
      v-if="isVaried"
      v-bind="value('variants')"
      class="mt-4"
      :combinations="check?.combinations ?? []"
      :options="entry.options"
      :pictures="pictures"
      :error-at="errorAt"
      :parts="kind?.parts ?? []"
    />
  </FoldedRow>
</template>
