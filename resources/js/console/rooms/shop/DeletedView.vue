<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useDates } from '../../lib/useDates'
import { useDeleting } from '../../lib/deleting'
import { useSession } from '../../lib/session'

const session = useSession()
const { dayAndTime } = useDates()
const { changes, takeBack } = useDeleting()
const list = ref<Schemas['DeletedList'] | null>(null)
const refusal = ref<Refusal | null>(null)

async function load(): Promise<void> {
  const { data, refusal: refused } = await outcome(
    api.GET('/shops/{shop}/deleted', { params: { path: { shop: session.slug } } }),
  )
  refusal.value = refused ?? null
  list.value = data ?? list.value
}

onMounted(load)
watch(changes, load)

async function undo(thing: Schemas['Deleted']): Promise<void> {
  refusal.value = await takeBack(thing.kind, thing.id)
}
</script>

<template>
  <div class="max-w-3xl pt-6 pb-16">
    <h1 class="sentence mb-1 text-3xl font-semibold">Deleted things</h1>
    <p class="mb-5 text-pencil">For 30 days each can be taken back, and is as it was.</p>
    <p v-if="refusal" class="mb-3 text-wrong" role="alert">
      {{ refusal.errors?.is_deleted?.[0] ?? refusal.message }}
    </p>
    <p v-if="!list && !refusal" class="text-pencil">Loading…</p>
    <p v-if="list?.items.length === 0" class="sentence py-6 text-xl">Nothing was deleted in the last 30 days.</p>
    <ul>
      <li
        v-for="thing in list?.items"
        :key="`${thing.kind} ${thing.id}`"
        class="flex min-h-[46px] flex-wrap items-center gap-x-5 border-b border-rule py-1"
      >
        <span class="w-24 text-sm text-pencil">{{ thing.kind_label }}</span>
        <bdi class="min-w-0 flex-1 [overflow-wrap:anywhere]">{{ thing.name }}</bdi>
        <span class="text-sm text-pencil">{{ dayAndTime(thing.at) }}</span>
        <button type="button" class="follow min-h-8" @click="undo(thing)">
          Take back <span class="sr-only">{{ thing.name }}</span>
        </button>
      </li>
    </ul>
  </div>
</template>
