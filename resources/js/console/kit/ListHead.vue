<script setup lang="ts">
import { useTemplateRef } from 'vue'
import { useKeys } from '../lib/useKeys'
import type { HelpKey } from './help'
import WhatIsThis from './WhatIsThis.vue'

defineProps<{
  title: string
  count: number | null
  /** Whether there are more, which were not counted. */
  isMore?: boolean | undefined
  filterLabel: string
  help?: HelpKey | undefined
}>()
const search = defineModel<string>({ required: true })
const field = useTemplateRef<HTMLInputElement>('field')

useKeys({ key: '/', does: 'Search the list', run: () => field.value?.focus() })
</script>

<template>
  <div class="flex flex-wrap items-center gap-x-5 gap-y-3 py-6">
    <h1 class="sentence text-3xl font-semibold">
      {{ title
      }}<span v-if="count !== null" class="ml-3 text-lg font-normal text-pencil"
        ><template v-if="isMore">more than </template>{{ count }}</span
      >
    </h1>
    <WhatIsThis v-if="help" :of="help" :heading="title" class="-ml-4" />
    <div class="ml-auto flex w-full flex-wrap items-center gap-3 sm:w-auto">
      <input
        ref="field"
        v-model="search"
        type="search"
        class="entry min-w-0 flex-1 sm:w-72"
        :aria-label="filterLabel"
        :placeholder="filterLabel"
        @keydown.esc="search = ''"
      />
      <slot />
    </div>
  </div>
</template>
