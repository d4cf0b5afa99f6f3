<script setup lang="ts">
import { ref, watch } from 'vue'
import FileButton from '../../kit/FileButton.vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import ProgressLine from '../../kit/ProgressLine.vue'
import SwitchField from '../../kit/SwitchField.vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { counted } from '../../lib/counts'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDates } from '../../lib/useDates'
import { useFileUpload, type Coming } from '../../lib/uploadFile'
import { useSession } from '../../lib/session'

/** Sells another version of a file from now on; whether earlier buyers get it, too, is said here and nowhere else. */
const props = defineProps<{ file: Schemas['ProductFile'] | null }>()
const emit = defineEmits<{ close: []; done: [file: Schemas['ProductFile']] }>()
const session = useSession()
const { dayAndTime } = useDates()
const coming = ref<Coming | null>(null)
const send = useFileUpload((now) => (coming.value = now))
const upload = ref<Schemas['Upload'] | null>(null)
const isForEarlier = ref(true)
const error = ref('')

watch(
  () => props.file?.id,
  () => {
    upload.value = null
    error.value = ''
  },
)

async function take([chosen]: File[]): Promise<void> {
  if (!chosen) return
  error.value = ''
  const taken = await send(chosen)
  upload.value = taken.upload ?? null
  error.value = taken.error ?? ''
}

const replace = oneAtATime(async (): Promise<void> => {
  if (!props.file || !upload.value) return
  const { data, refusal } = await outcome(
    api.POST('/shops/{shop}/files/{file}/versions', {
      params: { path: { shop: session.slug, file: props.file.id } },
      body: { upload: upload.value.id, is_for_earlier: isForEarlier.value && props.file.buyers > 0 },
    }),
  )
  error.value = sentenceAt(refusal, 'upload') ?? refusal?.message ?? ''
  if (data) emit('done', data)
})
</script>

<template>
  <ModalDialog :is-open="file !== null" title="New version" @close="$emit('close')">
    <form v-if="file" class="grid gap-4" @submit.prevent="replace">
      <ol class="text-sm text-pencil">
        <li v-for="version in file.versions" :key="version.number" class="[overflow-wrap:anywhere]">
          {{ version.number }}. <bdi>{{ version.name }}</bdi>, {{ version.size }}, {{ dayAndTime(version.created_at)
          }}<template v-if="version.is_for_earlier">, sent to earlier buyers</template>
        </li>
      </ol>
      <p v-if="upload" class="[overflow-wrap:anywhere]">
        Sold from now on: <bdi class="font-medium">{{ upload.name }}</bdi>
      </p>
      <ProgressLine v-else-if="coming" :coming="coming" />
      <FileButton v-if="!upload" label="Choose the file" :is-busy="coming !== null" @chosen="take" />
      <template v-if="file.buyers > 0">
        <SwitchField v-model="isForEarlier" label="Earlier buyers get it, too" />
        <p class="text-sm text-pencil">
          <template v-if="isForEarlier"
            >{{ counted(file.buyers, 'buyer gets', 'buyers get') }} a mail with a fresh link. Mails can’t be taken
            back.</template
          >
          <template v-else>They keep the version that they bought.</template>
        </p>
      </template>
      <p v-else class="text-sm text-pencil">Nobody has bought an earlier version.</p>
      <p v-if="error" class="text-wrong" role="alert">{{ error }}</p>
      <div class="flex flex-wrap items-center gap-5">
        <button class="deed" :disabled="!upload">Sell this version</button>
        <button type="button" class="follow" @click="$emit('close')">Cancel</button>
      </div>
    </form>
  </ModalDialog>
</template>
