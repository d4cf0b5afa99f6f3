<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import CopyButton from '../../kit/CopyButton.vue'
import WhereItGoes from '../../kit/WhereItGoes.vue'

/** The product's own link and button, copied where the product is; its offer and its places are made with the first copy. */
const props = defineProps<{ product: number }>()
const session = useSession()
const made = ref<Partial<Record<'link' | 'html', Schemas['Placement']>>>({})
const last = ref<Schemas['Placement'] | null>(null)
const refusal = ref<Refusal | null>(null)
const reasons = computed(() => Object.values(refusal.value?.errors ?? {}).flat())

async function make(medium: 'link' | 'html'): Promise<boolean> {
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/products/{product}/place', {
      params: { path: { shop: session.slug, product: props.product } },
      body: { medium },
    }),
  )
  refusal.value = refused ?? null
  if (!data) return false
  made.value = { ...made.value, [medium]: data }
  last.value = data
  return true
}

async function remember(placement: Schemas['Placement'] | undefined): Promise<void> {
  if (!placement) return
  const path = { shop: session.slug, placement: placement.id }
  await outcome(
    api.POST('/shops/{shop}/placements/{placement}/copied', { params: { path }, body: { digest: placement.digest } }),
  )
}
</script>

<template>
  <section>
    <h2 class="small-title mb-2">Sell it</h2>
    <div class="flex flex-wrap gap-2">
      <CopyButton :text="made.link?.url ?? ''" label="Copy a link" :before="() => make('link')" />
      <CopyButton
        :text="made.html?.snippet ?? ''"
        label="Copy a button"
        :before="() => make('html')"
        @copied="remember(made.html)"
      />
    </div>
    <div v-if="refusal" class="mt-2 text-sm text-wrong" role="alert">
      <p v-for="reason in reasons" :key="reason">{{ reason }}</p>
      <p v-if="reasons.length === 0">{{ refusal.message }}</p>
    </div>
    <WhereItGoes v-if="last" :key="last.id" class="mt-2" :placement="last" />
    <p class="mt-2 text-sm">
      <RouterLink :to="{ name: 'new-offer', params: { shop: session.slug }, query: { product } }" class="follow">{{
        reasons.length > 0 ? 'Make a button for it, and mend this there' : 'Make a button for it, in your own words'
      }}</RouterLink>
    </p>
  </section>
</template>
