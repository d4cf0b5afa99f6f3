<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useFields } from '../../lib/useFields'
import { useSession } from '../../lib/session'
import KiteMark from '../../kit/KiteMark.vue'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'
import { strengthOf } from './strength'

/** The first person and the first shop; once they are there, this page is not. */
const session = useSession()
const router = useRouter()
const choices = ref<Schemas['SetUp'] | null>(null)
const entry = ref<Schemas['SetUpEntry']>({
  word: '',
  name: '',
  email: '',
  password: '',
  shop: '',
  host: '',
  country: '',
  currency: '',
})
const refusal = ref<Refusal | null>(null)
const isWorking = ref(false)
const strength = computed(() => strengthOf(entry.value.password))

function set(part: Partial<Schemas['SetUpEntry']>): void {
  entry.value = { ...entry.value, ...part }
  // What is being put right is no longer wrong.
  for (const field of Object.keys(part)) delete refusal.value?.errors?.[field]
}

const { value, field } = useFields(entry, set, (at) => sentenceAt(refusal.value, at))

onMounted(async () => {
  choices.value = (await outcome(api.GET('/set-up'))).data ?? null
  const here = new Intl.Locale(navigator.language).region ?? ''
  if (choices.value?.countries.some((country) => country.value === here)) set({ country: here })
})

async function setUp(): Promise<void> {
  if (isWorking.value) return
  isWorking.value = true
  const { data, refusal: refused } = await outcome(api.POST('/set-up', { body: entry.value }))
  isWorking.value = false
  refusal.value = refused ?? null
  if (!data) return
  session.person = data
  await router.push('/')
}
</script>

<template>
  <div v-if="choices" class="mx-auto max-w-lg py-10">
    <p class="mb-6 flex items-center gap-3">
      <KiteMark /><span class="sentence text-2xl font-semibold">Paper Kite</span>
    </p>
    <h1 class="sentence mb-2 text-2xl">Set up Paper Kite</h1>
    <p class="mb-6 text-pencil">You do this once. Everything but the set-up word can be changed later.</p>
    <form class="grid gap-8" novalidate @submit.prevent="setUp">
      <TextField
        v-bind="field('word')"
        label="Set-up word"
        is-first
        note="Printed in the terminal where Paper Kite was started, or by “php artisan install:word”."
        autocomplete="off"
      />
      <fieldset class="grid gap-4">
        <legend class="mb-3 text-lg font-semibold">You</legend>
        <TextField v-bind="field('name')" label="Name" autocomplete="name" />
        <TextField v-bind="field('email')" label="E-mail" type="email" inputmode="email" autocomplete="username" />
        <TextField
          v-bind="field('password')"
          label="Password"
          type="password"
          autocomplete="new-password"
          :note="strength"
        />
      </fieldset>
      <fieldset class="grid gap-4">
        <legend class="mb-3 text-lg font-semibold">Your shop</legend>
        <TextField v-bind="field('shop')" label="Name of the shop" autocomplete="organization" />
        <TextField
          v-bind="field('host')"
          label="Web address of the shop"
          :note="choices.host ? `Such as ${choices.host} or shop.example.` : 'Such as shop.example.'"
          autocomplete="off"
        />
        <PickField v-bind="value('country')" label="Country" :choices="choices.countries" />
        <p v-if="sentenceAt(refusal, 'country')" class="-mt-3 text-sm text-wrong" role="alert">
          {{ sentenceAt(refusal, 'country') }}
        </p>
        <PickField v-bind="value('currency')" label="Currency" :choices="choices.currencies" />
        <p v-if="sentenceAt(refusal, 'currency')" class="-mt-3 text-sm text-wrong" role="alert">
          {{ sentenceAt(refusal, 'currency') }}
        </p>
      </fieldset>
      <p v-if="refusal && !refusal.errors" class="text-wrong" role="alert">{{ refusal.message }}</p>
      <div><button type="submit" class="deed" :disabled="isWorking">Set up</button></div>
    </form>
  </div>
</template>
