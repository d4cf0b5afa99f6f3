<script setup lang="ts">
import { api, outcome } from '../../lib/client'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import PageTitle from '../../kit/PageTitle.vue'

const session = useSession()
const { list, refusal, turnTo } = useList(({ page }) =>
  outcome(api.GET('/shops/{shop}/price-tables', { params: { path: { shop: session.slug }, query: { page } } })),
)
</script>

<template>
  <div class="pt-6 pb-16">
    <div class="mb-5 flex flex-wrap items-center gap-4">
      <PageTitle title="Price tables" help="tables" />
      <RouterLink :to="{ name: 'new-price-table', params: { shop: session.slug } }" class="deed ml-auto"
        >New price table</RouterLink
      >
    </div>
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <template v-if="list">
      <p v-if="list.items.length === 0" class="sentence max-w-2xl py-6 text-xl leading-relaxed">
        Two to four offers side by side, each with its price and its button: small, middle, large. Write the offers
        first, then stand them together here.
      </p>
      <ul>
        <li v-for="table in list.items" :key="table.id" class="relative border-b border-rule py-3" data-table>
          <RouterLink
            :to="{ name: 'price-table', params: { shop: session.slug, id: table.id } }"
            class="text-lg font-semibold after:absolute after:inset-0 hover:underline"
            dir="auto"
            >{{ table.name }}</RouterLink
          >
          <span v-if="table.is_away" class="ml-3 text-sm text-pencil">archived</span>
          <span v-else-if="table.is_stale" class="ml-3 text-sm text-amber">copy again</span>
          <p v-for="column in table.columns" :key="column.offer_id" class="truncate text-sm text-pencil" dir="auto">
            {{ column.decided }}
          </p>
        </li>
      </ul>
      <PageTurner :at="list.at" @turn="turnTo" />
    </template>
  </div>
</template>
