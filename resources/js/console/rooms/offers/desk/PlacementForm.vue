<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Refusal, Schemas } from '../../../lib/client'
import { sentenceAt } from '../../../lib/client'
import { useDraft } from '../../../lib/useDraft'
import { useSession } from '../../../lib/session'
import DraftGuard from '../../../kit/DraftGuard.vue'
import PickField from '../../../kit/PickField.vue'
import TextField from '../../../kit/TextField.vue'

/** Where the offer shall stand, and in which form. */
const props = defineProps<{
  place: (as: Schemas['PlacementEntry']) => Promise<Refusal | null>
  /** Where that is possible: places it, publishes the offer, copies what is pasted, in one act. */
  publish?: ((as: Schemas['PlacementEntry']) => Promise<Refusal | null>) | undefined
  /** What the place is called and pasted as, to begin with. */
  begins?: { page: string; medium: Schemas['MediumKey'] } | undefined
}>()
const session = useSession()
const page = ref(props.begins?.page ?? '')
const medium = ref<Schemas['MediumKey']>(props.begins?.medium ?? 'html')
const form = ref<Schemas['WidgetForm']>('button')
const typed = computed<{ page: string; medium: Schemas['MediumKey']; form: Schemas['WidgetForm'] } | null>({
  get: () => ({ page: page.value, medium: medium.value, form: form.value }),
  set: (now) => {
    if (now) [page.value, medium.value, form.value] = [now.page, now.medium, now.form]
  },
})
const path = useRoute().path
const draft = useDraft(() => `new place of ${path}`, typed, { isHeard: false })
draft.begin(0)
const refusal = ref<Refusal | null>(null)
const isPlacing = ref(false)
const media = computed(() => session.lists?.media ?? [])
const note = computed(() => media.value.find(({ key }) => key === medium.value)?.note ?? '')

watch(page, () => (refusal.value = null))

async function add(how = props.publish ?? props.place): Promise<void> {
  if (isPlacing.value) return
  isPlacing.value = true
  const sent = draft.send()
  refusal.value = await how({
    page: page.value,
    medium: medium.value,
    form: form.value,
    label: '',
    caption: '',
  })
  isPlacing.value = false
  if (refusal.value) return
  sent.settle(() => (page.value = ''))
}
</script>

<template>
  <form class="grid gap-3" novalidate @submit.prevent="add()">
    <div class="-mb-3"><DraftGuard :draft="draft" /></div>
    <TextField
      v-model="page"
      label="Name of the new place"
      note="As you call it: the spring post, the jar label."
      :error="refusal ? (sentenceAt(refusal, 'page') ?? refusal.message) : undefined"
    />
    <PickField v-model="medium" label="As" :choices="media.map(({ key, label }) => ({ value: key, label }))" />
    <PickField
      v-if="medium === 'widget'"
      v-model="form"
      label="It shows"
      :choices="session.lists?.widget_forms ?? []"
    />
    <p class="text-sm text-pencil">{{ note }}</p>
    <div class="flex flex-wrap gap-2">
      <button v-if="publish" type="submit" class="deed" data-publish :disabled="isPlacing">Publish and copy</button>
      <button
        :type="publish ? 'button' : 'submit'"
        class="side-deed !min-h-10"
        :disabled="isPlacing"
        @click="publish && add(place)"
      >
        Place it
      </button>
    </div>
  </form>
</template>
