<script setup lang="ts">
import { ref, useId } from 'vue'
import PickField from '../../kit/PickField.vue'
import { api, outcome, sentenceAt } from '../../lib/client'
import { MOST_BYTES } from '../../lib/uploadPicture'
import { useSession } from '../../lib/session'

/** Takes a report in: of which marketplace it is, and its file. */
const props = defineProps<{ marketplaces: { value: string; label: string }[] }>()
const emit = defineEmits<{ opened: [id: number] }>()
const chosen = defineModel<string>({ required: true })
const session = useSession()
const id = useId()
const error = ref('')
const isSending = ref(false)

if (chosen.value === '') chosen.value = props.marketplaces[0]?.value ?? ''

async function send(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file || isSending.value) return
  error.value = ''
  if (file.size > MOST_BYTES) {
    error.value = `${file.name} is larger than 10 MB; take a report of a shorter time.`
    return
  }
  const body = new FormData()
  body.append('report', file)
  body.append('marketplace', chosen.value)
  isSending.value = true
  const { data, refusal } = await outcome(
    api.POST('/shops/{shop}/reports', {
      params: { path: { shop: session.slug } },
      body: { report: file.name, marketplace: chosen.value },
      bodySerializer: () => body,
    }),
  )
  isSending.value = false
  if (data) emit('opened', data.id)
  else error.value = sentenceAt(refusal, 'report') ?? sentenceAt(refusal, 'marketplace') ?? refusal?.message ?? ''
}
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end gap-x-5 gap-y-3">
      <PickField v-model="chosen" class="w-64" label="A report of" :choices="marketplaces" />
      <label
        :for="id"
        class="deed cursor-pointer focus-within:outline-2 focus-within:outline-offset-2 focus-within:outline-sea"
      >
        {{ isSending ? 'Uploading…' : 'Choose the file' }}
        <input :id="id" type="file" class="sr-only" accept=".csv,.tsv,.txt,text/csv,text/plain" @change="send" />
      </label>
    </div>
    <p v-if="error" class="mt-2 text-wrong" role="alert">{{ error }}</p>
  </div>
</template>
