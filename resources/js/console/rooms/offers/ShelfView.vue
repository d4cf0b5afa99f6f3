<script setup lang="ts">
import { computed, ref } from 'vue'
import DrawnWidget from '../../kit/DrawnWidget.vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import PreviewFrame from '../../kit/PreviewFrame.vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import TextField from '../../kit/TextField.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import type { Ground } from '../../kit/surroundings'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import DisplayPlaces from './DisplayPlaces.vue'
import ShelfGoods from './ShelfGoods.vue'
import { useShelf } from './useShelf'

const props = defineProps<{ id?: number; from?: number | undefined }>()
const session = useSession()
const { thing: shelf, typed, entry, shown, refusal, draft, errorAt, discard, restore, save, remove } = useShelf(props)
const { isDirty, wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)
const ground = ref<Ground>('light')
const sources = [
  { value: 'picked' as const, label: 'Products that you pick' },
  { value: 'category' as const, label: 'A whole category' },
]
const onwards = [
  { value: 'stay' as const, label: 'Stay on the page, with a notice' },
  { value: 'mini_cart' as const, label: 'Open the mini cart on the page' },
]
const categories = computed(() => (session.shop?.categories ?? []).map((name) => ({ value: name, label: name })))
</script>

<template>
  <div class="pt-6 pb-16">
    <LeaveDialog :is-open="isAsking" @answer="answer" />
    <h1 class="sentence mb-4 text-3xl font-semibold">
      <bdi>{{ typed?.name || 'A shelf' }}</bdi>
    </h1>
    <RefusalNotice
      class="mb-3"
      :refusal="refusal"
      :mine="entry"
      @insist="save"
      @settle="(form, over) => save(over, form)"
      @reload="discard"
    />
    <KeptNotice :is-shown="wasKept" @drop="discard" />
    <p v-if="!typed && !refusal" class="text-pencil">Loading…</p>
    <div v-if="typed" class="grid gap-x-10 gap-y-6 lg:grid-cols-2">
      <form class="min-w-0" novalidate @submit.prevent="save()">
        <LedgerRow title="Name">
          <TextField
            v-model="typed.name"
            label="Name of the shelf"
            note="Shoppers read it above the goods."
            :error="errorAt('name')"
          />
        </LedgerRow>
        <LedgerRow title="Goods">
          <SegmentedChoice v-model="typed.source" label="It shows" :choices="sources" class="mb-2" />
          <ShelfGoods v-if="typed.source === 'picked'" v-model="typed.products" />
          <PickField
            v-else-if="categories.length > 0"
            v-model="typed.category"
            label="Category"
            :choices="categories"
            :error="errorAt('category')"
          />
          <p v-else class="text-pencil">There are no categories yet: give your products some first.</p>
          <p v-if="errorAt('products')" class="mt-2 text-sm text-wrong" role="alert">{{ errorAt('products') }}</p>
        </LedgerRow>
        <LedgerRow title="Look">
          <PickField
            v-model="typed.density"
            label="The goods stand as"
            :choices="session.lists?.shelf_densities ?? []"
          />
        </LedgerRow>
        <LedgerRow title="After adding">
          <PickField v-model="typed.onwards" label="When something is added, shoppers" :choices="onwards" />
        </LedgerRow>
        <div class="flex flex-wrap gap-2">
          <button type="submit" class="deed" :disabled="!isDirty">Save</button>
          <UndoButtons
            :can-take-back="canTakeBack"
            :can-redo="canRedo"
            @take-back="draft.takeBack"
            @redo="draft.redo"
          />
          <template v-if="shelf">
            <FormHistory kind="shelf" :subject="shelf.id" title="History of this shelf" @restore="restore" />
            <RouterLink
              :to="{ name: 'new-shelf', params: { shop: session.slug }, query: { from: shelf.id } }"
              class="side-deed !min-h-10 content-center"
              >Duplicate</RouterLink
            >
            <button type="button" class="side-deed !min-h-10" @click="remove">Delete</button>
          </template>
        </div>
      </form>
      <section class="min-w-0 self-start lg:sticky lg:top-4" aria-labelledby="shelf-proof">
        <h2 id="shelf-proof" class="sentence mb-3 text-lg font-semibold">On the page</h2>
        <PreviewFrame v-model:ground="ground" title="The shelf as it will stand" is-wide>
          <div class="max-h-96 overflow-y-auto" tabindex="0" role="group" aria-label="All of the shelf">
            <DrawnWidget v-if="shown" :told="shown" phase="idle" lang="en" />
          </div>
        </PreviewFrame>
        <template v-if="shelf">
          <p v-if="isDirty" class="mt-3 text-sm font-medium text-amber">
            Save: until then the places show what was saved.
          </p>
          <p class="mt-3 text-sm text-pencil">
            Live: goods, prices and stock are always those of today, wherever it stands. The link opens a page with the
            same goods.
          </p>
          <DisplayPlaces :of="{ kind: 'shelf', id: shelf.id }" />
        </template>
      </section>
    </div>
  </div>
</template>
