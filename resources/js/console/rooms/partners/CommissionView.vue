<script setup lang="ts">
import { api, outcome } from '../../lib/client'
import ListHead from '../../kit/ListHead.vue'
import PageTurner from '../../kit/PageTurner.vue'
import { useList } from '../../lib/useList'
import { useSession } from '../../lib/session'
import BreakEven from './BreakEven.vue'
import PartnersNav from './PartnersNav.vue'

const session = useSession()
const saleCount = (sales: number): string => (sales === 0 ? 'no sale' : sales === 1 ? 'one sale' : `${sales} sales`)
const { list, refusal, search, turnTo } = useList((asked) =>
  outcome(api.GET('/shops/{shop}/commission', { params: { path: { shop: session.slug }, query: asked } })),
)
</script>

<template>
  <ListHead
    v-model="search"
    title="Commission"
    help="commission"
    :count="list?.at.total ?? null"
    :is-more="list?.at.is_more"
    filter-label="Find by product or SKU"
  />
  <PartnersNav />
  <p v-if="refusal" class="mb-3 text-wrong" role="alert">{{ refusal.message }}</p>
  <p v-if="!list && !refusal" class="py-6 text-pencil">Loading…</p>
  <template v-if="list">
    <BreakEven v-if="list.items.length > 0" :items="list.items" class="mb-6" />
    <p v-if="list.items.length === 0 && search === ''" class="sentence max-w-xl py-10 text-2xl">
      No partner’s goods yet. What they should bring stands here once there are some.
    </p>
    <p v-else-if="list.items.length === 0" class="py-10">
      No product fits “<bdi>{{ search }}</bdi
      >”.
    </p>
    <table v-else class="w-full">
      <caption class="pb-2 text-left text-sm text-pencil">
        Clicks and sales are those of the last
        {{
          list.days
        }}
        days.
      </caption>
      <thead>
        <tr class="small-title border-b border-rule text-left align-bottom">
          <th scope="col" class="py-2 pr-4 font-semibold">Product</th>
          <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">Price</th>
          <th scope="col" class="hidden py-2 pr-4 text-right font-semibold md:table-cell">Rate</th>
          <th scope="col" class="hidden py-2 pr-4 text-right font-semibold md:table-cell">Per sale</th>
          <th scope="col" class="hidden py-2 pr-4 text-right font-semibold sm:table-cell">Clicks</th>
          <th scope="col" class="hidden py-2 pr-4 font-semibold lg:table-cell">Conversion</th>
          <th scope="col" class="py-2 pr-4 text-right font-semibold">Expected</th>
          <th scope="col" class="py-2 text-right font-semibold">Earned</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="item in list.items" :key="item.id" class="border-b border-rule align-baseline" data-commission>
          <td class="py-2 pr-4">
            <RouterLink
              :to="{ name: 'product', params: { shop: session.slug, id: item.product_id } }"
              class="block leading-snug font-medium [overflow-wrap:anywhere] hover:underline"
              dir="auto"
              >{{ item.product }}</RouterLink
            >
            <span class="text-sm text-pencil"
              ><bdi>{{ item.marketplace }}</bdi
              ><template v-if="item.category"
                >, <bdi>{{ item.category }}</bdi></template
              ></span
            >
            <span v-if="item.missing" class="block text-sm text-amber">{{ item.missing }}</span>
          </td>
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{{ item.price || '–' }}</td>
          <td class="hidden py-2 pr-4 text-right whitespace-nowrap tabular-nums md:table-cell">
            {{ item.rate || '–' }}
          </td>
          <td class="hidden py-2 pr-4 text-right tabular-nums md:table-cell">{{ item.commission?.shown ?? '–' }}</td>
          <td class="hidden py-2 pr-4 text-right tabular-nums sm:table-cell">{{ item.clicks }}</td>
          <td class="hidden py-2 pr-4 whitespace-nowrap lg:table-cell">
            {{ item.conversion.shown }}
            <span class="block text-sm text-pencil">{{ item.conversion.from }}</span>
          </td>
          <td class="py-2 pr-4 text-right tabular-nums">
            {{ item.expected || '–' }}
            <span v-if="item.between" class="block text-sm text-pencil">{{ item.between }}</span>
          </td>
          <td class="py-2 text-right tabular-nums">
            {{ item.earned }}
            <span class="block text-sm whitespace-nowrap text-pencil">{{ saleCount(item.sales) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <PageTurner :at="list.at" @turn="turnTo" />
  </template>
</template>
