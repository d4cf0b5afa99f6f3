<script setup lang="ts">
import TextField from '../../kit/TextField.vue'
import type { Schemas } from '../../lib/client'
import type { useProductForm } from './useProductForm'

/** Title and text of a partner's goods: how long they are, and how much of them is the marketplace's own. */
const { form } = defineProps<{ writing: Schemas['Writing']; form: ReturnType<typeof useProductForm> }>()
const { entry, change, errorAt } = form
</script>

<template>
  <section v-if="entry" class="border-t border-rule pt-3" aria-label="Title and text" data-writing>
    <h3 class="small-title mb-1">Title and text</h3>
    <dl class="grid gap-x-4 gap-y-1 sm:grid-cols-[4rem_minmax(0,1fr)]">
      <template v-if="writing.title">
        <dt class="text-pencil">Title</dt>
        <dd>
          <span :class="{ 'text-amber': writing.is_title_long }">{{ writing.title }}</span>
          <button
            v-if="writing.shorter"
            type="button"
            class="follow ml-3 min-h-8"
            @click="change({ name: writing.shorter })"
          >
            Use “<bdi>{{ writing.shorter }}</bdi
            >”
          </button>
        </dd>
      </template>
      <dt class="text-pencil">Text</dt>
      <dd>
        <span :class="{ 'text-amber': writing.is_text_long }">{{ writing.text }}</span>
        <span v-if="writing.copied" class="block" :class="{ 'text-amber': writing.is_copied }">{{
          writing.copied
        }}</span>
      </dd>
    </dl>
    <p
      v-if="writing.segments.length > 0"
      class="mt-2 max-h-40 overflow-auto border-l-4 border-rule pl-3 text-sm"
      dir="auto"
      tabindex="0"
      role="region"
      aria-label="Your text, with what is the marketplace’s own marked"
    >
      <template v-for="(segment, index) in writing.segments" :key="index"
        ><mark v-if="segment.is_copied" class="bg-amber/20 text-ink">{{ segment.text }}</mark
        ><template v-else>{{ segment.text }}</template></template
      >
    </p>
    <p v-if="writing.is_copied" class="mt-1 text-sm">
      Marked: word for word the marketplace’s. Say it in your own words, and readers have a reason to come to you.
    </p>
    <TextField
      class="mt-3 max-w-56"
      :model-value="entry.text_by"
      label="Text needed by"
      type="date"
      :error="errorAt('text_by')"
      note="Such as the start of a season."
      @update:model-value="(text_by) => change({ text_by })"
    />
  </section>
</template>
