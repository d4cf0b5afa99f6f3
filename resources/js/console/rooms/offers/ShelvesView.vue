<script setup lang="ts">
import { api, outcome, type Schemas } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'

const session = useSession()
const { list, refusal, search, turnTo } = useList((asked) =>
  outcome(api.GET('/shops/{shop}/shelves', { params: { path: { shop: session.slug }, query: asked } })),
)

function what({ category, products }: Schemas['Shelf']): string {
  if (category) return `All of the category ${category}`
  return products.map(({ name }) => name).join(' · ')
}

function places({ place_count }: Schemas['Shelf']): string {
  if (place_count === 0) return 'in no place yet'
  return place_count === 1 ? 'in 1 place' : `in ${place_count} places`
}
</script>

<template>
  <div class="pb-16">
    <ListHead
      v-model="search"
      title="Shelves"
      help="shelves"
      :count="list?.at.total ?? null"
      :is-more="list?.at.is_more"
      filter-label="Find by name or goods"
    >
      <RouterLink :to="{ name: 'new-shelf', params: { shop: session.slug } }" class="deed">New shelf</RouterLink>
    </ListHead>
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
    <template v-if="list">
      <p v-if="list.items.length === 0 && search !== ''" class="py-6">
        No shelf fits “<bdi>{{ search }}</bdi
        >”.
      </p>
      <p v-else-if="list.items.length === 0" class="sentence max-w-2xl py-6 text-xl leading-relaxed">
        Several products, or a whole category, in one widget on any page: each with its price and its button. Pick what
        stands on it, then paste two lines.
      </p>
      <ul>
        <li v-for="shelf in list.items" :key="shelf.id" class="relative border-b border-rule py-3" data-shelf>
          <RouterLink
            :to="{ name: 'shelf', params: { shop: session.slug, id: shelf.id } }"
            class="text-lg font-semibold after:absolute after:inset-0 hover:underline"
            dir="auto"
            >{{ shelf.name }}</RouterLink
          >
          <span class="ml-3 text-sm text-pencil">{{ places(shelf) }}</span>
          <p class="truncate text-sm text-pencil" dir="auto">{{ what(shelf) }}</p>
        </li>
      </ul>
      <PageTurner :at="list.at" @turn="turnTo" />
    </template>
  </div>
</template>
