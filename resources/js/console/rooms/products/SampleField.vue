<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import FileButton from '../../kit/FileButton.vue'
import PickField from '../../kit/PickField.vue'
import ProgressLine from '../../kit/ProgressLine.vue'
import { api, outcome, sentenceAt } from '../../lib/client'
import { useFileUpload, type Coming } from '../../lib/uploadFile'
import { useSession } from '../../lib/session'
import type { useProductForm } from './useProductForm'

/** What shoppers may see or hear before they buy. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, files, sample, change, errorAt } = form
const coming = ref<Coming | null>(null)
const send = useFileUpload((now) => (coming.value = now))
const error = ref('')
const pages = ref('3')
const counts = ['1', '2', '3', '4', '5'].map((value) => ({ value, label: value === '1' ? '1 page' : `${value} pages` }))

/** Of the files that are in the form, the first one that has pages. */
const withPages = computed(() =>
  files.value.find(({ id, has_pages }) => has_pages && entry.value?.files.some((file) => file.id === id)),
)

async function take([chosen]: File[]): Promise<void> {
  if (!chosen) return
  error.value = ''
  const { upload, error: refused } = await send(chosen)
  if (upload) await make(upload.id, null)
  else error.value = refused ?? ''
}

async function make(upload: number | null, file: number | null): Promise<void> {
  const { data, refusal } = await outcome(
    api.POST('/shops/{shop}/samples', {
      params: { path: { shop: session.slug } },
      body: { upload, file, pages: Number(pages.value) },
    }),
  )
  error.value = sentenceAt(refusal, 'upload') ?? refusal?.message ?? ''
  if (!data) return
  sample.value = data
  change({ sample: data.id })
}

function remove(): void {
  sample.value = null
  change({ sample: null })
}

// Pages are drawn in the queue.
useIntervalFn(async () => {
  if (sample.value?.state !== 'waiting') return
  const { data } = await outcome(
    api.GET('/shops/{shop}/samples/{sample}', { params: { path: { shop: session.slug, sample: sample.value.id } } }),
  )
  if (data) sample.value = data
}, 1000)
</script>

<template>
  <section data-sample>
    <h3 class="mb-1 font-medium">Sample</h3>
    <div v-if="sample" class="grid gap-2">
      <p v-if="sample.state === 'waiting'" class="text-sm text-pencil" role="status">The pages are being drawn.</p>
      <p v-else-if="sample.state === 'broken'" class="text-sm text-wrong" role="alert">{{ sample.problem }}</p>
      <audio
        v-else-if="sample.kind === 'audio'"
        controls
        preload="none"
        class="w-full max-w-sm"
        :src="sample.path ?? ''"
      />
      <video
        v-else-if="sample.kind === 'video'"
        controls
        preload="none"
        class="w-full max-w-sm"
        :src="sample.path ?? ''"
      />
      <ol v-else class="flex flex-wrap gap-3">
        <li v-for="(path, index) in sample.pictures" :key="path">
          <img :src="path" :alt="`Page ${index + 1} of the sample`" class="bg-white h-32 w-auto border border-rule" />
        </li>
      </ol>
      <button type="button" class="follow min-h-8 justify-self-start" @click="remove">Remove the sample</button>
    </div>
    <template v-else>
      <div class="flex flex-wrap items-end gap-x-5 gap-y-2">
        <FileButton
          label="Add a sample"
          accept="image/jpeg,image/png,image/webp,image/gif,audio/*,video/mp4,video/webm,application/pdf"
          :is-busy="coming !== null"
          @chosen="take"
        />
        <template v-if="withPages">
          <PickField v-model="pages" class="w-32" label="Pages" is-label-hidden :choices="counts" />
          <button type="button" class="follow min-h-10" @click="make(null, withPages.id)">
            Show the first pages of <bdi>{{ withPages.name }}</bdi>
          </button>
        </template>
      </div>
      <ProgressLine v-if="coming" class="mt-2" :coming="coming" />
      <p v-else class="mt-1 text-sm text-pencil">
        A picture, a piece to hear or to watch, or the first pages of a PDF: shown before it is bought.
      </p>
    </template>
    <p v-if="error || errorAt('sample')" class="mt-1 text-sm text-wrong" role="alert">
      {{ error || errorAt('sample') }}
    </p>
  </section>
</template>
