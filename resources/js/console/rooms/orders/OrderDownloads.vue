<script setup lang="ts">
import { ref } from 'vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { counted } from '../../lib/counts'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDates } from '../../lib/useDates'
import { useSession } from '../../lib/session'

/** The links to files that were bought: what was downloaded by them, a fresh one, and the end of one. */
const props = defineProps<{ order: Schemas['Order'] }>()
const emit = defineEmits<{ changed: [order: Schemas['Order']] }>()
const session = useSession()
const { dayAndTime } = useDates()
const asked = ref<Schemas['Download'] | null>(null)
const refusal = ref<Refusal | null>(null)
const act = oneAtATime(async (download: Schemas['Download'], what: 'fresh' | 'stop'): Promise<void> => {
  const params = { path: { shop: session.slug, number: props.order.number, download: download.id } }
  const { data, refusal: refused } = await outcome(
    what === 'fresh'
      ? api.POST('/shops/{shop}/orders/{number}/downloads/{download}/fresh', { params })
      : api.POST('/shops/{shop}/orders/{number}/downloads/{download}/stop', { params }),
  )
  refusal.value = refused ?? null
  if (!data) return
  asked.value = null
  emit('changed', data)
})
</script>

<template>
  <section data-downloads>
    <h2 class="small-title mb-1">Downloads</h2>
    <div v-for="download in order.downloads" :key="download.id" class="border-b border-rule py-2">
      <p class="flex flex-wrap items-baseline gap-x-3">
        <bdi class="font-medium [overflow-wrap:anywhere]">{{ download.name }}</bdi>
        <span :class="download.state === 'open' ? 'text-good' : 'text-amber'">{{ download.state_label }}</span>
        <span v-if="download.state !== 'stopped'" class="text-sm text-pencil"
          >{{ download.state === 'open' ? 'until' : 'since' }} {{ dayAndTime(download.until) }}</span
        >
      </p>
      <ul class="mt-1">
        <li v-for="file in download.files" :key="file.name" class="[overflow-wrap:anywhere]">
          <bdi>{{ file.name }}</bdi><span class="text-pencil"
            ><template v-if="file.version > 1">, version {{ file.version }}</template
            >, {{ file.used }} of {{ counted(download.most, 'download', 'downloads') }}</span
          >
          <span v-if="file.at.length > 0" class="block text-sm text-pencil">{{
            file.at.map(dayAndTime).join(', ')
          }}</span>
        </li>
      </ul>
      <p class="mt-1 flex flex-wrap gap-x-5">
        <button type="button" class="follow min-h-8" @click="asked = download">Send a fresh link</button>
        <button v-if="download.state === 'open'" type="button" class="follow min-h-8" @click="act(download, 'stop')">
          Stop the link
        </button>
      </p>
    </div>
    <p v-if="refusal && !asked" class="text-wrong" role="alert">{{ refusal.message }}</p>
    <ModalDialog :is-open="asked !== null" title="Send a fresh link" @close="asked = null">
      <form v-if="asked" class="grid gap-4" @submit.prevent="act(asked, 'fresh')">
        <p class="[overflow-wrap:anywhere]">
          A mail with a fresh link goes to {{ order.email }}. Its days and downloads begin anew, and the link before
          works no longer.
        </p>
        <p v-if="refusal" class="text-wrong" role="alert">{{ refusal.message }}</p>
        <div class="flex flex-wrap items-center gap-5">
          <button class="deed">Send the link</button>
          <button type="button" class="follow" @click="asked = null">Cancel</button>
        </div>
      </form>
    </ModalDialog>
  </section>
</template>
