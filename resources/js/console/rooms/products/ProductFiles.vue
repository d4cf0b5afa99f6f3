<script setup lang="ts">
import { computed, ref } from 'vue'
import FileButton from '../../kit/FileButton.vue'
import LedgerRow from '../../kit/LedgerRow.vue'
import PickField from '../../kit/PickField.vue'
import ProgressLine from '../../kit/ProgressLine.vue'
import TextField from '../../kit/TextField.vue'
import { api, outcome, type Schemas } from '../../lib/client'
import { begunUploads } from '../../lib/begunUploads'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import { useFileUpload, type Coming } from '../../lib/uploadFile'
import NewVersionDialog from './NewVersionDialog.vue'
import SampleField from './SampleField.vue'
import type { useProductForm } from './useProductForm'

/** The files that a product is sold with, what is shown of them, and how they are downloaded. */
const { form } = defineProps<{ form: ReturnType<typeof useProductForm> }>()
const session = useSession()
const { entry, files, change, errorAt } = form
const { field } = useFields(entry, change, errorAt)
const coming = ref<Coming | null>(null)
const send = useFileUpload((now) => (coming.value = now))
const begun = begunUploads(() => session.slug)
const errors = ref<string[]>([])
const replaced = ref<Schemas['ProductFile'] | null>(null)

const variants = computed(() => [
  { value: '', label: 'Every variant' },
  ...(entry.value?.variants ?? []).map(({ sku, choices }) => ({ value: sku, label: choices.join(', ') })),
])
/** What broke off, and is not just coming. */
const broken = computed(() => begun.all.value.filter(({ name }) => name !== coming.value?.name))

async function add(chosen: File[]): Promise<void> {
  errors.value = []
  for (const file of chosen) {
    const { upload, error } = await send(file)
    const made =
      upload &&
      (await outcome(
        api.POST('/shops/{shop}/files', { params: { path: { shop: session.slug } }, body: { upload: upload.id } }),
      ))
    if (made?.data) take(made.data)
    else errors.value.push(error ?? made?.refusal?.message ?? '')
  }
}

function take(file: Schemas['ProductFile']): void {
  files.value = [...files.value.filter(({ id }) => id !== file.id), file]
  change({ files: [...(entry.value?.files ?? []).filter(({ id }) => id !== file.id), { id: file.id, variant: '' }] })
}

/** Another version is on sale at once: the form has nothing to save for it. */
function takeVersion(file: Schemas['ProductFile']): void {
  files.value = files.value.map((known) => (known.id === file.id ? file : known))
  replaced.value = null
}

function remove(id: number): void {
  change({ files: (entry.value?.files ?? []).filter((file) => file.id !== id) })
}

function move(at: number, to: number): void {
  const moved = [...(entry.value?.files ?? [])]
  const [file] = moved.splice(at, 1)
  if (file && to >= 0 && to <= moved.length) change({ files: [...moved.slice(0, to), file, ...moved.slice(to)] })
}

function belongTo(id: number, variant: string): void {
  change({ files: (entry.value?.files ?? []).map((file) => (file.id === id ? { ...file, variant } : file)) })
}

async function drop(id: number): Promise<void> {
  begun.forget(id)
  await outcome(api.DELETE('/shops/{shop}/uploads/{upload}', { params: { path: { shop: session.slug, upload: id } } }))
}

function known(id: number): Schemas['ProductFile'] | undefined {
  return files.value.find((file) => file.id === id)
}
</script>

<template>
  <LedgerRow v-if="entry" title="Files" help="files">
    <div class="grid gap-4" @dragover.prevent @drop.prevent="add([...($event.dataTransfer?.files ?? [])])">
      <ul v-if="entry.files.length > 0" class="border-t border-rule">
        <li
          v-for="(file, index) in entry.files"
          :key="file.id"
          class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule py-2"
          data-file
        >
          <span class="min-w-40 flex-1 [overflow-wrap:anywhere]">
            <bdi class="font-medium">{{ known(file.id)?.name ?? 'A file' }}</bdi>
            <span class="block text-sm text-pencil"
              >{{ known(file.id)?.size
              }}<template v-if="(known(file.id)?.version ?? 1) > 1"
                >, version {{ known(file.id)?.version }}</template
              ></span
            >
          </span>
          <PickField
            v-if="entry.variants.length > 0"
            class="w-44"
            label="Comes with"
            is-label-hidden
            :model-value="file.variant"
            :choices="variants"
            @update:model-value="(sku: string) => belongTo(file.id, sku)"
          />
          <span class="flex items-center gap-3">
            <button
              v-if="entry.files.length > 1"
              type="button"
              class="min-h-8 min-w-8 text-sea disabled:text-rule"
              :disabled="index === 0"
              :aria-label="`Move ${known(file.id)?.name ?? 'the file'} up`"
              @click="move(index, index - 1)"
            >
              ↑
            </button>
            <button type="button" class="follow min-h-8" @click="replaced = known(file.id) ?? null">New version</button>
            <button
              type="button"
              class="min-h-8 min-w-8 text-sea"
              :aria-label="`Remove ${known(file.id)?.name ?? 'the file'}`"
              @click="remove(file.id)"
            >
              ×
            </button>
          </span>
          <p
            v-if="errorAt(`files.${index}.id`) ?? errorAt(`files.${index}.variant`)"
            class="w-full text-sm text-wrong"
            role="alert"
          >
            {{ errorAt(`files.${index}.id`) ?? errorAt(`files.${index}.variant`) }}
          </p>
        </li>
      </ul>
      <p v-if="errorAt('files')" class="text-sm text-wrong" role="alert">{{ errorAt('files') }}</p>
      <div>
        <FileButton label="Add files" is-multiple :is-busy="coming !== null" @chosen="add" />
        <ProgressLine v-if="coming" class="mt-2" :coming="coming" />
        <p v-else class="mt-1 text-sm text-pencil">
          Up to 2 GB each; drop them here too. Shoppers get them after paying.
        </p>
      </div>
      <ul v-if="errors.length > 0" class="text-sm text-wrong" role="alert">
        <li v-for="error in errors" :key="error" class="[overflow-wrap:anywhere]">{{ error }}</li>
      </ul>
      <ul v-if="broken.length > 0" class="grid gap-1 text-sm text-amber">
        <li v-for="upload in broken" :key="upload.id" class="flex flex-wrap items-center gap-x-3">
          <span class="min-w-0 [overflow-wrap:anywhere]"
            >“<bdi>{{ upload.name }}</bdi
            >” did not come whole. Choose the same file again, and it goes on where it was.</span
          >
          <button type="button" class="follow min-h-8" @click="drop(upload.id)">Forget it</button>
        </li>
      </ul>
      <SampleField :form="form" />
      <div class="grid gap-4 sm:grid-cols-[10rem_10rem]">
        <TextField
          v-bind="field('download_days')"
          label="Link works, days"
          inputmode="numeric"
          note="Blank: as the shop says."
        />
        <TextField
          v-bind="field('download_times')"
          label="Downloads"
          inputmode="numeric"
          note="Of each file. Blank: as the shop says."
        />
      </div>
    </div>
    <NewVersionDialog :file="replaced" @close="replaced = null" @done="takeVersion" />
  </LedgerRow>
</template>
