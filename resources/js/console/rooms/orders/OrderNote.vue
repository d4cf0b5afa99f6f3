<script setup lang="ts">
import { ref, watch } from 'vue'
import RefusalNotice from '../../kit/RefusalNotice.vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import DraftGuard from '../../kit/DraftGuard.vue'
import { useDraft } from '../../lib/useDraft'
import { useSession } from '../../lib/session'

const props = defineProps<{ order: Schemas['Order'] }>()
const emit = defineEmits<{ changed: [order: Schemas['Order']]; reload: [] }>()
const session = useSession()
const note = ref<string | null>(props.order.note)
const refusal = ref<Refusal | null>(null)
const draft = useDraft(() => `${session.key}/order-note/${props.order.number}`, note)
const { isDirty } = draft
const version = ref(draft.begin(props.order.version))

// What somebody else has saved meanwhile; what is typed here comes back over it.
watch(
  () => props.order.version,
  (now) => {
    if (now === version.value) return
    draft.keep()
    note.value = props.order.note
    version.value = draft.begin(now)
  },
)

const save = oneAtATime(async (over?: number): Promise<void> => {
  const sent = draft.send()
  const { data, refusal: refused } = await outcome(
    api.PUT('/shops/{shop}/orders/{number}/note', {
      params: { path: { shop: session.slug, number: props.order.number } },
      body: { note: note.value ?? '', version: over ?? version.value },
    }),
  )
  refusal.value = refused ?? null
  if (!data) return
  version.value = data.version
  sent.settle(() => (note.value = data.note), data.version)
  emit('changed', data)
})

function reload(): void {
  refusal.value = null
  draft.drop()
  emit('reload')
}
</script>

<template>
  <section>
    <h2 class="small-title mb-1"><label for="order-note">Note</label></h2>
    <textarea
      id="order-note"
      v-model="note"
      class="entry"
      rows="3"
      dir="auto"
      aria-describedby="order-note-said"
      :aria-invalid="sentenceAt(refusal, 'note') ? 'true' : undefined"
    />
    <p id="order-note-said" class="text-sm" :class="sentenceAt(refusal, 'note') ? 'text-wrong' : 'text-pencil'">
      {{ sentenceAt(refusal, 'note') ?? 'For you and your shop’s other people; no shopper sees it.' }}
    </p>
    <div class="mt-2"><DraftGuard :draft="draft" /></div>
    <RefusalNotice :refusal="refusal" @insist="(version) => save(version)" @reload="reload" />
    <button v-if="isDirty" class="follow mt-1" @click="save()">Save note</button>
  </section>
</template>
