<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'
import { useSession } from '../../lib/session'

/** Uploaded pictures in their order, the first of which leads; moved by dragging or by the arrow keys. */
const pictures = defineModel<Schemas['Picture'][]>({ required: true })
const session = useSession()
const input = useTemplateRef<HTMLInputElement>('input')
const error = ref('')
const working = ref(0)
const dragged = ref<number | null>(null)
const said = ref('')

async function upload(files: FileList | null): Promise<void> {
  error.value = ''
  for (const file of files ?? []) {
    working.value++
    const body = new FormData()
    body.append('picture', file)
    const { data, refusal } = await outcome(
      api.POST('/shops/{shop}/pictures', {
        params: { path: { shop: session.slug } },
        body: { picture: file.name },
        bodySerializer: () => body,
      }),
    )
    working.value--
    if (data) pictures.value = [...pictures.value, data]
    else error.value = `${file.name}: ${sentenceAt(refusal, 'picture') ?? refusal?.message ?? ''}`
  }
  if (input.value) input.value.value = ''
}

function move(from: number, to: number): void {
  if (to < 0 || to >= pictures.value.length || from === to) return
  const moved = [...pictures.value]
  const [picture] = moved.splice(from, 1)
  if (picture) moved.splice(to, 0, picture)
  pictures.value = moved
  said.value = `Picture ${from + 1} is now number ${to + 1} of ${moved.length}.`
}

function drop(at: number): void {
  if (dragged.value !== null) move(dragged.value, at)
  dragged.value = null
}

function describe(index: number, alt: string): void {
  pictures.value = pictures.value.map((picture, at) => (at === index ? { ...picture, alt } : picture))
}
</script>

<template>
  <div @dragover.prevent @drop.prevent="dragged === null && upload($event.dataTransfer?.files ?? null)">
    <ul v-if="pictures.length > 0" class="mb-3 grid gap-4 sm:grid-cols-2">
      <li
        v-for="(picture, index) in pictures"
        :key="picture.id"
        draggable="true"
        class="min-w-0"
        @dragstart="dragged = index"
        @dragend="dragged = null"
        @dragover.prevent
        @drop.prevent.stop="drop(index)"
      >
        <img :src="picture.path" :alt="picture.alt" class="aspect-square w-full bg-sheet object-cover" />
        <div class="flex items-center justify-between">
          <span class="text-sm text-pencil">{{ index === 0 ? 'Leads' : `Number ${index + 1}` }}</span>
          <span>
            <button
              type="button"
              class="min-h-7 min-w-7 text-sea disabled:text-rule"
              :disabled="index === 0"
              :aria-label="`Move picture ${index + 1} forward`"
              @click="move(index, index - 1)"
              @keydown.left.prevent="move(index, index - 1)"
              @keydown.right.prevent="move(index, index + 1)"
            >
              ←
            </button>
            <button
              type="button"
              class="min-h-7 min-w-7 text-sea disabled:text-rule"
              :disabled="index === pictures.length - 1"
              :aria-label="`Move picture ${index + 1} back`"
              @click="move(index, index + 1)"
              @keydown.left.prevent="move(index, index - 1)"
              @keydown.right.prevent="move(index, index + 1)"
            >
              →
            </button>
            <button
              type="button"
              class="min-h-7 min-w-7 text-sea"
              :aria-label="`Remove picture ${index + 1}`"
              @click="pictures = pictures.filter((other) => other.id !== picture.id)"
            >
              ×
            </button>
          </span>
        </div>
        <input
          class="entry mt-1 text-sm"
          :value="picture.alt"
          :aria-label="`What picture ${index + 1} shows`"
          placeholder="What it shows"
          dir="auto"
          @input="describe(index, typed($event))"
        />
      </li>
    </ul>
    <input
      ref="input"
      type="file"
      accept="image/jpeg,image/png,image/webp,image/gif"
      multiple
      class="sr-only"
      tabindex="-1"
      aria-label="Pictures to add"
      @change="upload(input?.files ?? null)"
    />
    <button type="button" class="side-deed" @click="input?.click()">Add pictures</button>
    <p class="mt-1 text-sm text-pencil">
      <template v-if="working > 0">Taking in {{ working }}…</template>
      <template v-else>JPEG, PNG, WebP or GIF, up to 10 MB each; drop them here too.</template>
    </p>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
    <p class="sr-only" aria-live="polite">{{ said }}</p>
  </div>
</template>
