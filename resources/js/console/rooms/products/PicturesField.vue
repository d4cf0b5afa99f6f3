<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import type { Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'
import { useUpload } from '../../lib/uploadPicture'

/** Uploaded pictures in their order, the first of which leads; moved by dragging or by the arrow keys. */
const pictures = defineModel<Schemas['Picture'][]>({ required: true })
const send = useUpload()
const input = useTemplateRef<HTMLInputElement>('input')
const errors = ref<string[]>([])
/** How far several have come. */
const coming = ref<{ name: string; at: number; of: number } | null>(null)
const dragged = ref<number | null>(null)
const said = ref('')

async function upload(files: FileList | null): Promise<void> {
  const chosen = [...(files ?? [])]
  errors.value = []
  for (const [at, file] of chosen.entries()) {
    coming.value = { name: file.name, at, of: chosen.length }
    const { picture, error } = await send(file)
    if (picture) pictures.value = [...pictures.value, picture]
    if (error) errors.value.push(error)
  }
  coming.value = null
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
      <template v-if="coming">
        <progress
          class="mr-2 h-2 w-24 align-middle accent-sea"
          :value="coming.at"
          :max="coming.of"
          aria-label="Pictures taken in"
        />
        {{ coming.at + 1 }} of {{ coming.of }}: <bdi>{{ coming.name }}</bdi>
      </template>
      <template v-else>JPEG, PNG, WebP or GIF, up to 10 MB each; drop them here too.</template>
    </p>
    <ul v-if="errors.length" class="mt-1 text-sm text-wrong" role="alert">
      <li v-for="error in errors" :key="error" class="[overflow-wrap:anywhere]">{{ error }}</li>
    </ul>
    <p class="sr-only" aria-live="polite">{{ said }}</p>
  </div>
</template>
