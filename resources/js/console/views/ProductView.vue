<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption, Switch, SwitchGroup, SwitchLabel } from '@headlessui/vue'
import { watchDebounced } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../shared/client'
import LeaveDialog from '../components/LeaveDialog.vue'
import TextField from '../components/TextField.vue'
import { useLeaveGuard } from '../composables/useLeaveGuard'
import { useLatest } from '../composables/useLatest'
import { useSession } from '../stores/session'

const props = defineProps<{ id?: number }>()
const session = useSession()
const router = useRouter()

const entry = ref<Schemas['ProductEntry']>({
  name: '',
  sku: '',
  price: '',
  picture: 'honey-jar',
  tracks_stock: false,
  stock: '',
})
const touched = ref(new Set<string>())
const refusal = ref<Refusal | null>(null)
const isWorking = ref(false)
const isLoaded = ref(!props.id)
const latest = useLatest((asked: Schemas['ProductEntry']) =>
  outcome(
    api.POST('/shops/{shop}/products/check', {
      params: { path: { shop: session.slug }, query: props.id ? { except: props.id } : {} },
      body: asked,
    }),
  ),
)
const check = computed(() => latest.answer.value?.data ?? null)
const hasUnsaved = computed(() => touched.value.size > 0)
const { isAsking, answer } = useLeaveGuard(hasUnsaved)
const title = computed(() => (props.id ? 'Product' : 'New product'))

onMounted(async () => {
  if (!props.id) return
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/products/{product}', { params: { path: { shop: session.slug, product: props.id } } }),
  )
  refusal.value = refused ?? null
  if (!data) return
  entry.value = {
    name: data.name,
    sku: data.sku,
    price: data.price.decimal,
    picture: data.picture,
    tracks_stock: data.stock !== null,
    stock: data.stock === null ? '' : String(data.stock),
  }
  isLoaded.value = true
})

watchDebounced(entry, (now) => latest.run(now), { debounce: 150, deep: true })

function change(part: Partial<Schemas['ProductEntry']>): void {
  entry.value = { ...entry.value, ...part }
  for (const field of Object.keys(part)) touched.value.add(field)
}

/** What is wrong with a field: told while typing once it has been touched, and after trying to save. */
function errorAt(field: keyof Schemas['ProductEntry']): string | undefined {
  const now = touched.value.has(field) ? check.value?.errors[field]?.[0] : undefined
  return now ?? (touched.value.has(field) && check.value ? undefined : sentenceAt(refusal.value, field))
}

async function save(): Promise<void> {
  if (isWorking.value) return
  isWorking.value = true
  const path = { shop: session.slug }
  const { data, refusal: refused } = props.id
    ? await outcome(
        api.PUT('/shops/{shop}/products/{product}', {
          params: { path: { ...path, product: props.id } },
          body: entry.value,
        }),
      )
    : await outcome(api.POST('/shops/{shop}/products', { params: { path }, body: entry.value }))
  isWorking.value = false
  refusal.value = refused ?? null
  if (data) await leave()
}

/** Leaves without being asked: all is saved, or is not wanted. */
async function leave(): Promise<void> {
  touched.value.clear()
  await router.push({ name: 'products', params: { shop: session.slug } })
}
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <h1 class="sentence py-6 text-3xl font-semibold">{{ title }}</h1>
  <p v-if="refusal && !refusal.errors" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
  <form
    v-if="isLoaded"
    class="grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,34rem)_minmax(0,1fr)]"
    novalidate
    @submit.prevent="save"
  >
    <div class="grid content-start gap-5">
      <TextField
        :model-value="entry.name"
        label="Name"
        :error="errorAt('name')"
        @update:model-value="(name) => change({ name })"
      />
      <TextField
        :model-value="entry.sku"
        label="SKU"
        is-mono
        :error="errorAt('sku')"
        note="How links and sheets name it, such as honey-340."
        @update:model-value="(sku) => change({ sku })"
      />
      <TextField
        :model-value="entry.price"
        :label="`Price in ${session.shop?.currency}`"
        inputmode="decimal"
        class="max-w-64"
        :error="errorAt('price')"
        :note="check?.price_shown ? `Shoppers see ${check.price_shown}.` : 'With a point, such as 9.80.'"
        @update:model-value="(price) => change({ price })"
      />
      <SwitchGroup as="div" class="flex items-center gap-3">
        <Switch
          :model-value="entry.tracks_stock"
          class="relative h-7 w-12 rounded-full border border-pencil"
          :class="entry.tracks_stock ? 'bg-sea' : 'bg-paper'"
          @update:model-value="(tracks_stock: boolean) => change({ tracks_stock })"
        >
          <span
            class="absolute top-0.5 size-5 rotate-45 transition-all"
            :class="entry.tracks_stock ? 'left-6 bg-sheet' : 'left-1 bg-pencil'"
          />
        </Switch>
        <SwitchLabel>Count the stock</SwitchLabel>
      </SwitchGroup>
      <TextField
        v-if="entry.tracks_stock"
        :model-value="entry.stock"
        label="Pieces in stock"
        inputmode="numeric"
        class="max-w-64"
        :error="errorAt('stock')"
        note="At none, its buttons lead to a page that says sold out."
        @update:model-value="(stock) => change({ stock })"
      />
      <div class="flex gap-3 pt-2">
        <button type="submit" class="deed" :disabled="isWorking">Save</button>
        <button type="button" class="side-deed !min-h-10" @click="leave">Leave it</button>
      </div>
    </div>
    <RadioGroup :model-value="entry.picture" @update:model-value="(picture: Schemas['Drawing']) => change({ picture })">
      <RadioGroupLabel as="span" class="mb-1 block font-medium">Picture</RadioGroupLabel>
      <div class="grid max-w-xl grid-cols-3 gap-3 sm:grid-cols-4">
        <RadioGroupOption
          v-for="drawing in session.shop?.drawings"
          :key="drawing.value"
          v-slot="{ checked }"
          :value="drawing.value"
          as="template"
        >
          <div class="cursor-pointer">
            <img
              :src="drawing.path"
              alt=""
              width="140"
              height="140"
              class="w-full border-4"
              :class="checked ? 'border-silk' : 'border-transparent'"
            />
            <span class="mt-1 block text-sm" :class="checked ? 'font-semibold' : 'text-pencil'">{{
              drawing.label
            }}</span>
          </div>
        </RadioGroupOption>
      </div>
      <p v-if="errorAt('picture')" class="mt-1 text-sm text-wrong" role="alert">{{ errorAt('picture') }}</p>
    </RadioGroup>
  </form>
</template>
