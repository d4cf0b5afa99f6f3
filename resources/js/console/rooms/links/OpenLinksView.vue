<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import LabelClicks from './LabelClicks.vue'
import CopyButton from '../../kit/CopyButton.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import LinkAnatomy from '../../kit/LinkAnatomy.vue'
import PickField from '../../kit/PickField.vue'
import ProductPicker from '../../kit/ProductPicker.vue'
import TextField from '../../kit/TextField.vue'
import DraftGuard from '../../kit/DraftGuard.vue'
import { useDraft } from '../../lib/useDraft'
import { useFields } from '../../lib/useFields'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'
import PageTitle from '../../kit/PageTitle.vue'

type Entry = Schemas['OpenLinkEntry']

const session = useSession()
const facts = ref<Schemas['OpenLinks'] | null>(null)
const refusal = ref<Refusal | null>(null)
const entry = ref<Entry>({ items: [], to: '', coupon: '', back: '', from: '' })
const draft = useDraft(() => `${session.key}/open-link`, entry)
const latest = useLatest((asked: Entry, signal) =>
  outcome(
    api.POST('/shops/{shop}/open-links/build', { signal, params: { path: { shop: session.slug } }, body: asked }),
  ),
)
const built = computed(() => latest.answer.value?.data ?? null)
const destinations = computed(
  () => facts.value?.destinations.map(({ value, meaning }) => ({ value, label: `${value}: ${meaning}` })) ?? [],
)
const choices = computed(() => [{ value: '', label: 'as set below' }, ...destinations.value])

onMounted(async () => {
  draft.begin(0)
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/open-links', { params: { path: { shop: session.slug } } }),
  )
  facts.value = data ?? null
  refusal.value = refused ?? null
})

watchDebounced(entry, (now) => now.items.length > 0 && latest.run(now), { debounce: 100, deep: true })

function change(part: Partial<Entry>): void {
  entry.value = { ...entry.value, ...part }
}

const { value } = useFields(entry, change)

function pick(product: Schemas['Product']): void {
  change({ items: [...entry.value.items, { sku: product.sku, quantity: '1', amount: '' }] })
}

function changeItem(at: number, part: Partial<Entry['items'][number]>): void {
  change({ items: entry.value.items.map((item, index) => (index === at ? { ...item, ...part } : item)) })
}

/** What an item names, as far as that was asked; while a quantity is typed, what it named before. */
function goodsOf(item: Entry['items'][number]): Schemas['LinkGoods'] | null {
  return built.value?.goods.find((goods) => goods?.sku === item.sku) ?? null
}

function variantChoices({ product_sku, variants }: Schemas['LinkGoods']): { value: string; label: string }[] {
  return [
    { value: product_sku, label: 'the shopper chooses' },
    ...variants.map(({ sku, name, stock }) => ({ value: sku, label: stock === 0 ? `${name}: none in stock` : name })),
  ]
}

async function setDefault(to: Schemas['OpenDestination']): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.PUT('/shops/{shop}/open-links', { params: { path: { shop: session.slug } }, body: { to } }),
  )
  facts.value = data ?? facts.value
  refusal.value = refused ?? null
}
</script>

<template>
  <div class="pt-6 pb-16">
    <PageTitle title="Write a link yourself" help="links" class="mb-2" />
    <p class="mb-5 max-w-3xl text-pencil">
      A link can spell out what it sells, with no offer saved: by hand, in a sheet, in a program. Build one here, then
      write the next like it.
    </p>
    <DraftGuard :draft="draft" />
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <template v-if="facts">
      <LedgerRow title="Products">
        <ul>
          <li v-for="(item, at) in entry.items" :key="at" class="flex flex-wrap items-end gap-x-3 gap-y-1 py-1.5">
            <TextField
              v-if="goodsOf(item)?.is_given"
              class="w-28"
              :label="`Amount, ${session.shop?.currency}`"
              inputmode="decimal"
              :model-value="item.amount"
              @update:model-value="(amount) => changeItem(at, { amount })"
            />
            <TextField
              v-else
              class="w-24"
              label="Pieces"
              inputmode="numeric"
              :model-value="item.quantity"
              @update:model-value="(quantity) => changeItem(at, { quantity })"
            />
            <PickField
              v-if="goodsOf(item)?.variants.length"
              class="w-56"
              label="Variant"
              :model-value="item.sku"
              :choices="variantChoices(goodsOf(item)!)"
              @update:model-value="(sku) => changeItem(at, { sku })"
            />
            <span class="min-w-0 pb-2 [overflow-wrap:anywhere]"
              ><bdi v-if="goodsOf(item)" class="font-medium">{{ goodsOf(item)?.name }}</bdi
              >&#32;<span class="font-mono text-sm text-pencil">{{ item.sku }}</span></span
            >
            <button
              type="button"
              class="side-deed mb-0.5"
              @click="change({ items: entry.items.filter((_, index) => index !== at) })"
            >
              Remove <span class="sr-only">{{ item.sku }}</span>
            </button>
            <p v-if="goodsOf(item)?.caution" class="w-full text-sm text-amber" role="status">
              <strong>Check:</strong> {{ goodsOf(item)?.caution }}
            </p>
          </li>
        </ul>
        <p v-if="entry.items.some((item) => goodsOf(item)?.is_given)" class="text-sm text-pencil">
          Blank amount: the shopper says how much.
        </p>
        <div class="mt-2 max-w-md">
          <ProductPicker :is-quiet="entry.items.length > 0" @picked="pick" />
        </div>
      </LedgerRow>
      <LedgerRow title="Details">
        <div class="grid gap-4 md:grid-cols-2">
          <PickField v-bind="value('to')" label="Leads to" :choices="choices" />
          <TextField v-bind="value('coupon')" label="With the coupon" is-mono />
          <TextField v-bind="value('back')" label="The shopper returns to" note="At a host that the shop lists." />
          <TextField
            v-bind="value('from')"
            label="Label"
            note="Clicks are counted by it. Letters, digits, - _ and ."
            is-mono
          />
        </div>
      </LedgerRow>
      <LedgerRow title="The link">
        <p v-if="entry.items.length === 0" class="text-pencil">Pick what it sells, and it stands here.</p>
        <p v-else-if="built?.finding" class="text-wrong" role="alert">{{ built.finding }}</p>
        <template v-else-if="built">
          <p v-if="built.caution" class="mb-2 text-amber" role="status"><strong>Check:</strong> {{ built.caution }}</p>
          <p class="mb-3 font-mono [overflow-wrap:anywhere]" data-link>{{ built.url }}</p>
          <CopyButton :text="built.url" label="Copy link" class="mb-3" />
          <LinkAnatomy :parts="built.anatomy" />
        </template>
      </LedgerRow>
      <LedgerRow title="Clicks by label">
        <LabelClicks />
      </LedgerRow>
      <LedgerRow title="How it is written">
        <p class="mb-3 font-mono [overflow-wrap:anywhere]">{{ facts.template }}</p>
        <dl class="grid gap-x-6 gap-y-2 sm:grid-cols-[13rem_1fr]">
          <dt class="font-mono">items</dt>
          <dd>
            Up to 20 with commas between, each <span class="font-mono">[quantity*]SKU[@plan][=amount]</span>:
            <span class="font-mono">2*honey-340,candle</span>, or <span class="font-mono">hedgerow=7.50</span> for a
            donation. A variant goes by its own SKU; a product of several variants leads to the choice.
          </dd>
          <template v-for="destination in facts.destinations" :key="destination.value">
            <dt class="font-mono">to={{ destination.value }}</dt>
            <dd>{{ destination.meaning }}</dd>
          </template>
          <dt class="font-mono">coupon=CODE</dt>
          <dd>Used where it counts; otherwise the page says why not.</dd>
          <dt class="font-mono">back=ADDRESS</dt>
          <dd>Where the shopper returns, at a host that the shop lists.</dd>
          <dt class="font-mono">from=LABEL</dt>
          <dd>A label by which clicks are counted, of up to 40 letters, digits, - _ and .</dd>
        </dl>
        <PickField
          class="mt-5 max-w-lg"
          label="A link that does not say where leads"
          :model-value="facts.to"
          :choices="destinations"
          @update:model-value="setDefault"
        />
      </LedgerRow>
    </template>
  </div>
</template>
