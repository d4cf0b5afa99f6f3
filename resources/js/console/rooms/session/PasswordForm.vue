<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import TextField from '../../kit/TextField.vue'
import { strengthOf } from './strength'

const password = ref('')
const chosen = ref('')
const refusal = ref<Refusal | null>(null)
const wasChanged = ref(false)
const strength = computed(() => strengthOf(chosen.value))

const change = oneAtATime(async () => {
  const body = { password: password.value, new_password: chosen.value }
  const { refusal: refused } = await outcome(api.PUT('/me/password', { body }))
  refusal.value = refused ?? null
  wasChanged.value = !refused
  if (refused) return
  password.value = ''
  chosen.value = ''
})
</script>

<template>
  <form
    class="grid max-w-2xl items-start gap-4 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)_auto]"
    novalidate
    @submit.prevent="change"
  >
    <TextField
      v-model="password"
      label="Present password"
      type="password"
      autocomplete="current-password"
      :error="sentenceAt(refusal, 'password') ?? (refusal && !refusal.errors ? refusal.message : undefined)"
    />
    <TextField
      v-model="chosen"
      label="New password"
      type="password"
      autocomplete="new-password"
      :note="strength"
      :error="sentenceAt(refusal, 'new_password')"
    />
    <button type="submit" class="side-deed !min-h-10 sm:mt-7">Change</button>
    <p v-if="wasChanged" class="text-good sm:col-span-3" role="status">
      This is your password now. You are signed out in all other browsers.
    </p>
  </form>
</template>
