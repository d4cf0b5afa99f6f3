<script setup lang="ts">
import { computed } from 'vue'
import type { RouteLocationRaw } from 'vue-router'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'

/** What the shop still lacks: why, and where to mend it. */
const session = useSession()
const parts: Partial<Record<Schemas['MissingKey'], { act: string; part: string }>> = {
  payee: { act: 'Set the payee', part: 'payee' },
  zones: { act: 'Set up shipping', part: 'shipping' },
  tax_rates: { act: 'Set up tax', part: 'tax' },
  terms: { act: 'Write the terms', part: 'checkout' },
  policy: { act: 'Write the policy', part: 'checkout' },
}
const groups = computed(() => {
  const missing = session.shop?.missing ?? []
  return [
    { title: 'Nothing can be sold without', items: missing.filter((one) => one.stands_in_the_way) },
    { title: 'Also needed', items: missing.filter((one) => !one.stands_in_the_way) },
  ].filter(({ items }) => items.length > 0)
})

function way(key: Schemas['MissingKey']): { act: string; to: RouteLocationRaw } | null {
  const shop = session.slug
  if (key === 'products') return { act: 'Add a product', to: { name: 'new-product', params: { shop } } }
  const part = parts[key]
  return part ? { act: part.act, to: { name: 'shop', params: { shop }, hash: `#${part.part}` } } : null
}
</script>

<template>
  <div class="max-w-3xl pt-6 pb-16">
    <h1 class="sentence mb-6 text-3xl font-semibold">Ready to sell?</h1>
    <p v-if="groups.length === 0" class="text-lg text-good">
      Nothing is missing: the shop can be paid and can send its goods.
    </p>
    <section v-for="group in groups" :key="group.title" class="mb-8">
      <h2 class="small-title mb-1">{{ group.title }}</h2>
      <ul>
        <li
          v-for="missing in group.items"
          :key="missing.key"
          class="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-1 border-t border-rule py-3"
        >
          <div class="min-w-0 flex-1 basis-80">
            <h3 class="font-semibold">{{ missing.what }}</h3>
            <p class="text-pencil">{{ missing.why }}</p>
          </div>
          <RouterLink v-if="way(missing.key)" :to="way(missing.key)?.to ?? ''" class="follow min-h-8">{{
            way(missing.key)?.act
          }}</RouterLink>
        </li>
      </ul>
    </section>
  </div>
</template>
