<script setup lang="ts">
import { api, outcome } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import CopyButton from '../../kit/CopyButton.vue'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import { useDates } from '../../lib/useDates'

const { dayAndTime } = useDates()
const session = useSession()
const { list, refusal, search, turnTo } = useList((asked) =>
  outcome(api.GET('/shops/{shop}/copies', { params: { path: { shop: session.slug }, query: asked } })),
)

/** The row stays until the list is loaded again, so that what was copied can be copied once more. */
async function remember(placement: number, digest: string): Promise<void> {
  await outcome(
    api.POST('/shops/{shop}/placements/{placement}/copied', {
      params: { path: { shop: session.slug, placement } },
      body: { digest },
    }),
  )
}

async function rememberTable(priceTable: number, digest: string): Promise<void> {
  await outcome(
    api.POST('/shops/{shop}/price-tables/{priceTable}/copied', {
      params: { path: { shop: session.slug, priceTable } },
      body: { digest },
    }),
  )
}
</script>

<template>
  <div class="pb-16">
    <ListHead
      v-model="search"
      title="Outdated copies"
      help="copies"
      :count="list ? list.at.total + list.tables.length : null"
      filter-label="Find by page, goods or caption"
    />
    <p class="-mt-3 mb-5 max-w-3xl text-pencil">
      A copy keeps the words and the look of the day it was taken. These no longer say what their offers say: copy each
      again and paste it where the old one stands. What they sell, what that costs and where they lead is right all the
      same.
    </p>
    <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
    <template v-if="list">
      <p v-if="list.items.length + list.tables.length === 0 && search !== ''" class="py-6">
        No outdated copy fits “<bdi>{{ search }}</bdi
        >”.
      </p>
      <p v-else-if="list.items.length + list.tables.length === 0" class="sentence py-6 text-xl">
        Every copy says what its offer says.
      </p>
      <ul>
        <li
          v-for="table in list.tables"
          :key="`table ${table.id}`"
          class="flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-rule py-3"
          data-copy
        >
          <span class="min-w-0 flex-1">
            <RouterLink
              :to="{ name: 'price-table', params: { shop: session.slug, id: table.id } }"
              class="follow text-lg [overflow-wrap:anywhere]"
              dir="auto"
              >{{ table.name }}</RouterLink
            >
            <span class="block text-sm text-pencil">Price table, copied {{ dayAndTime(table.copied_at ?? '') }}</span>
          </span>
          <CopyButton :text="table.snippet" label="Copy again" @copied="rememberTable(table.id, table.digest)" />
        </li>
        <li
          v-for="copy in list.items"
          :key="copy.placement_id"
          class="flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-rule py-3"
          data-copy
        >
          <span class="min-w-0 flex-1">
            <RouterLink
              :to="{ name: 'desk', params: { shop: session.slug, id: copy.offer_id } }"
              class="follow text-lg [overflow-wrap:anywhere]"
              dir="auto"
              >{{ copy.page }}</RouterLink
            >
            <span class="block text-sm text-pencil">{{ copy.medium }}, copied {{ dayAndTime(copy.copied_at) }}</span>
          </span>
          <CopyButton :text="copy.snippet" label="Copy again" @copied="remember(copy.placement_id, copy.digest)" />
        </li>
      </ul>
      <PageTurner :at="list.at" @turn="turnTo" />
    </template>
  </div>
</template>
