<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'

/** Looks at the page of an item now: what it costs there, and what it is called. */
const props = defineProps<{ address: string }>()
const emit = defineEmits<{ take: [page: Schemas['ItemPage']] }>()
const session = useSession()
const page = ref<Schemas['ItemPage'] | null>(null)
const problem = ref('')
const isLooking = ref(false)

const look = oneAtATime(async (): Promise<void> => {
  isLooking.value = true
  const { data, refusal } = await outcome(
    api.POST('/shops/{shop}/partners/page', {
      params: { path: { shop: session.slug } },
      body: { address: props.address },
    }),
  )
  isLooking.value = false
  page.value = data?.problem === '' ? data : null
  problem.value = data?.problem ?? sentenceAt(refusal, 'address') ?? refusal?.message ?? ''
})

// What was found was another page's.
watch(
  () => props.address,
  () => {
    page.value = null
    problem.value = ''
  },
)
</script>

<template>
  <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
    <button type="button" class="follow min-h-8" :disabled="isLooking" @click="look">
      {{ isLooking ? 'Looking…' : 'Look at its page' }}
    </button>
    <p v-if="page" role="status">
      “<bdi>{{ page.title }}</bdi
      >”, <span class="tabular-nums">{{ page.price }}</span>
      <button type="button" class="follow ml-3 min-h-8" @click="emit('take', page)">Use them</button>
    </p>
    <p v-else-if="problem" class="text-amber" role="status">{{ problem }}</p>
  </div>
</template>
