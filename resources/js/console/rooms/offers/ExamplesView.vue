<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import OfferSentence from './OfferSentence.vue'
import { useKeptDesks } from './keptDesks'

/** Offers to begin from, said with the shop's own goods. */
const session = useSession()
const router = useRouter()
const { forget } = useKeptDesks()
const examples = ref<Schemas['Example'][]>([])
const refusal = ref<Refusal | null>(null)
const path = computed(() => ({ shop: session.slug }))

onMounted(async () => {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/offers/examples', { params: { path: path.value } }),
  )
  examples.value = data?.items ?? []
  refusal.value = refused ?? null
})

const begin = oneAtATime(async (example: Schemas['Example']) => {
  if (example.key === 'tiers') return beginTable()
  forget(`${session.key}/new-${example.key}`)
  await router.push({ name: 'new-offer', params: path.value, query: { example: example.key } })
})

async function beginTable(): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/offers/examples/table', { params: { path: path.value } }),
  )
  refusal.value = refused ?? null
  if (data) await router.push({ name: 'price-table', params: { ...path.value, id: data.table } })
}
</script>

<template>
  <div class="pt-6 pb-16">
    <h1 class="sentence mb-2 text-3xl font-semibold">Start from an example</h1>
    <p class="mb-4 text-pencil">Each is an offer with your own goods in it. Nothing is live until you publish it.</p>
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <ul>
      <li
        v-for="example in examples"
        :key="example.key"
        class="flex flex-wrap items-start justify-between gap-x-10 gap-y-3 border-t border-rule py-4"
        :data-example="example.key"
      >
        <div class="min-w-0 flex-1 basis-96">
          <h2 class="font-semibold">{{ example.title }}</h2>
          <p
            v-for="(sentence, at) in example.sentences.slice(0, 1)"
            :key="at"
            class="sentence my-1 text-lg leading-normal"
          >
            <OfferSentence :segments="sentence" />
          </p>
          <p class="text-sm text-pencil">{{ example.sentences.length > 0 ? example.note : example.needs }}</p>
        </div>
        <button
          v-if="example.sentences.length > 0"
          type="button"
          class="side-deed !min-h-10"
          :aria-label="`Use this: ${example.title}`"
          @click="begin(example)"
        >
          Use this
        </button>
      </li>
    </ul>
  </div>
</template>
