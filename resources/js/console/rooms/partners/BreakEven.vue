<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'

/** What a monthly tool or an advertisement must bring until it has paid for itself. */
const props = defineProps<{ items: Schemas['Commission'][] }>()
const session = useSession()
const cost = ref('10')
const chosen = ref(String(props.items.find(({ commission }) => commission !== null)?.id ?? props.items[0]?.id ?? ''))
const goods = computed(() =>
  props.items.map(({ id, product, marketplace }) => ({ value: String(id), label: `${product}, ${marketplace}` })),
)
const latest = useLatest((asked: { address: number; cost: string }, signal) =>
  outcome(
    api.GET('/shops/{shop}/commission/{address}/break-even', {
      signal,
      params: { path: { shop: session.slug, address: asked.address }, query: { cost: asked.cost } },
    }),
  ),
)
const answer = computed(() => latest.answer.value)
const error = computed(() => sentenceAt(answer.value?.refusal, 'cost') ?? answer.value?.refusal?.message)

watchDebounced(
  [cost, chosen],
  () => chosen.value !== '' && latest.run({ address: Number(chosen.value), cost: cost.value }),
  { debounce: 150, immediate: true },
)
</script>

<template>
  <section aria-label="When does a cost pay for itself?">
    <h2 class="sentence mb-2 text-lg font-semibold">When does a cost pay for itself?</h2>
    <div class="grid grid-cols-[minmax(0,1fr)] gap-x-5 gap-y-3 sm:grid-cols-[9rem_minmax(0,22rem)_minmax(0,1fr)]">
      <TextField v-model="cost" label="Cost a month" inputmode="decimal" :error="error" />
      <PickField v-model="chosen" label="With sales of" :choices="goods" />
      <p v-if="answer?.data" class="self-center" role="status">{{ answer.data.sentence }}</p>
    </div>
  </section>
</template>
