<script setup lang="ts">
import { watch } from 'vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { useOwnAddress } from '../../lib/ownAddress'
import { useFields } from '../../lib/useFields'
import { useSettings } from '../../lib/useSettings'
import { useSession } from '../../lib/session'
import TextField from '../../kit/TextField.vue'
import { useJoined } from './savedTogether'

/** What the shop is called, and where it is. Every address that it leaves leads to it for good. */
const session = useSession()
const goOnAt = useOwnAddress()

function names(shop: Schemas['Shop'] | null): Schemas['NamesEntry'] {
  return {
    name: shop?.name ?? '',
    slug: shop?.slug ?? '',
    host: shop?.host ?? '',
    checkout_slug: shop?.checkout_slug ?? '',
  }
}

const emit = defineEmits<{ said: [line: string] }>()
const joined = useJoined()
const { entry, refusal, draft, wasSaved, change, reload, submit } = useSettings<Schemas['NamesEntry']>({
  ...joined.options,
  name: () => `${session.key}/names`,
  load: () => Promise.resolve({ data: { entry: names(session.shop), version: 0 } }),
  send: async (body) => {
    const { data, refusal: refused } = await outcome(
      api.PUT('/shops/{shop}/names', {
        params: { path: { shop: session.slug } },
        body: body as Schemas['NamesEntry'],
      }),
    )
    if (!data) return refused ? { refusal: refused } : {}
    session.shop = data
    return { data: { entry: names(data), version: 0 } }
  },
})

const { field } = useFields(entry, change, (at) => sentenceAt(refusal.value, at))

async function save(): Promise<boolean> {
  const saved = await submit()
  if (!saved) return false
  await session.reloadPerson()
  await goOnAt({ name: 'shop', params: { shop: saved.slug } })
  return true
}

joined.join({ draft, save, reload })
watch(entry, (now) => emit('said', `${now?.name}, at ${now?.host}.`))
</script>

<template>
  <form v-if="entry" class="grid gap-3 sm:grid-cols-2" novalidate @submit.prevent="save">
    <TextField v-bind="field('name')" label="Name of the shop" />
    <TextField v-bind="field('host')" label="Host" is-mono note="Where shoppers find it, and where links point." />
    <TextField v-bind="field('checkout_slug')" label="In the checkout’s address" is-mono />
    <TextField v-bind="field('slug')" label="In the console’s address" is-mono />
    <p v-if="refusal && !refusal.errors" class="text-wrong sm:col-span-2" role="alert">{{ refusal.message }}</p>
    <p class="flex flex-wrap items-center gap-4 sm:col-span-2">
      <span v-if="wasSaved" class="text-good" role="status">Saved. The old addresses lead here.</span>
      <span v-else class="text-sm text-pencil">Old addresses and pasted buttons go on working.</span>
    </p>
  </form>
</template>
