<script setup lang="ts">
import { api, outcome } from '../../lib/client'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import ListHead from '../../kit/ListHead.vue'

const session = useSession()
const { list, refusal, search, turnTo } = useList((asked) =>
  outcome(api.GET('/shops/{shop}/price-tables', { params: { path: { shop: session.slug }, query: asked } })),
)
</script>

<template>
  <div class="pb-16">
    <ListHead
      v-model="search"
      title="Price tables"
      help="tables"
      :count="list?.at.total ?? null"
      :is-more="list?.at.is_more"
      filter-label="Find by name or goods"
    >
      <RouterLink :to="{ name: 'new-price-table', params: { shop: session.slug } }" class="deed"
        >New price table</RouterLink
      >
    </ListHead>
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
    <template v-if="list">
      <p v-if="list.items.length === 0 && search !== ''" class="py-6">
        No price table fits “<bdi>{{ search }}</bdi
        >”.
      </p>
      <p v-else-if="list.items.length === 0" class="sentence max-w-2xl py-6 text-xl leading-relaxed">
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
          <span v-if="!table.is_away && table.columns.some(({ caution }) => caution)" class="ml-3 text-sm text-amber"
            >a button sells nothing now</span
          >
          <p class="truncate text-sm text-pencil">
            <template v-for="(column, index) in table.columns" :key="column.offer_id"
              ><template v-if="index > 0"> · </template><bdi>{{ column.short.goods }}</bdi></template
            >
          </p>
        </li>
      </ul>
      <PageTurner :at="list.at" @turn="turnTo" />
    </template>
  </div>
</template>
