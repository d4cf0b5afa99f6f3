<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import FormHistory from '../../kit/FormHistory.vue'
import CouponForm from './CouponForm.vue'
import CouponList from './CouponList.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import { useDeleting } from '../../lib/deleting'
import { useDraft } from '../../lib/useDraft'
import RefusalNotice from '../../kit/RefusalNotice.vue'

type Entry = Schemas['CouponEntry']

/** The shop's coupons, each as what it does; one at a time is written anew or changed. */
const emit = defineEmits<{ said: [line: string] }>()
const session = useSession()
const deleting = useDeleting()
const list = ref<Schemas['CouponList'] | null>(null)
const page = ref(1)
const { coupon: asked } = useRoute().query
/** At first, the code of the one that was chosen in the command box. */
const search = ref(typeof asked === 'string' ? asked : '')
const open = ref<number | 'new' | null>(null)
const entry = ref<Entry | null>(null)
const version = ref(1)
const draft = useDraft(() => `${session.key}/coupon/${open.value ?? ''}`, entry)
const { wasKept } = draft
const refusal = ref<Refusal | null>(null)

async function load(): Promise<void> {
  const { data } = await outcome(
    api.GET('/shops/{shop}/coupons', {
      params: { path: { shop: session.slug }, query: { page: page.value, search: search.value } },
    }),
  )
  list.value = data ?? list.value
  if (search.value !== '') return
  const count = list.value?.at.total ?? 0
  emit('said', count === 0 ? 'No coupons.' : count === 1 ? 'One coupon.' : `${count} coupons.`)
}

function edit(coupon: Schemas['Coupon'] | null): void {
  draft.keep()
  open.value = coupon?.id ?? 'new'
  entry.value = list.value && { ...(coupon?.entry ?? list.value.blank) }
  version.value = draft.begin(coupon?.version ?? 1)
  refusal.value = null
}

/** The same under another code. */
function duplicate(coupon: Schemas['Coupon']): void {
  edit(null)
  entry.value = { ...coupon.entry, code: '' }
}

async function remove(coupon: Schemas['Coupon']): Promise<void> {
  if (open.value === coupon.id) close()
  refusal.value = await deleting.remove('coupon', coupon.id, coupon.entry.code)
}

function close(): void {
  draft.drop()
  open.value = null
  entry.value = null
}

const save = oneAtATime(async (over: number = version.value, form?: object): Promise<void> => {
  if (!entry.value) return
  const path = { shop: session.slug }
  const sent = draft.send()
  const { code } = entry.value
  const { data, refusal: refused } =
    typeof open.value === 'number'
      ? await outcome(
          api.PUT('/shops/{shop}/coupons/{coupon}', {
            params: { path: { ...path, coupon: open.value } },
            body: { ...((form as Entry | undefined) ?? entry.value), version: over },
          }),
        )
      : await outcome(api.POST('/shops/{shop}/coupons', { params: { path }, body: entry.value }))
  refusal.value = sent.told(refused, code)
  if (!data) return
  sent.settle(undefined, data.version)
  if (sent.isHere() && draft.isDirty.value) {
    open.value = data.id
    version.value = data.version
  } else if (sent.isHere()) {
    open.value = null
    entry.value = null
  }
  await load()
})

/** Of somebody else’s change to the coupon that is being changed. */
async function showSaved(): Promise<void> {
  await load()
  draft.drop()
  const saved = list.value?.items.find(({ id }) => id === open.value)
  if (saved) edit(saved)
}

function turnTo(wanted: number): void {
  page.value = wanted
  void load()
}

watchDebounced(search, () => turnTo(1), { debounce: 150 })
watch(deleting.changes, load)
onMounted(load)
</script>

<template>
  <div>
    <CouponList
      v-model:search="search"
      :list="list"
      @edit="edit"
      @duplicate="duplicate"
      @remove="remove"
      @turn="turnTo"
    />
    <div v-if="open !== null && entry" class="mt-4 grid gap-4" role="group" aria-label="Coupon">
      <KeptNotice :is-shown="wasKept" @drop="draft.drop" />
      <CouponForm v-model="entry" :refusal="refusal" />
      <RefusalNotice
        :refusal="refusal"
        :mine="entry"
        @insist="save"
        @settle="(form, over) => save(over, form)"
        @reload="showSaved"
      />
      <div class="flex gap-3">
        <button type="button" class="deed" @click="save()">Save the coupon</button>
        <button type="button" class="side-deed !min-h-10" @click="close">Cancel</button>
        <FormHistory
          v-if="typeof open === 'number'"
          kind="coupon"
          :subject="open"
          title="History of this coupon"
          @restore="(form) => (entry = form as Entry)"
        />
      </div>
    </div>
    <button v-else type="button" class="side-deed mt-3" @click="edit(null)">New coupon</button>
  </div>
</template>
