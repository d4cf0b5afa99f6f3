<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Refusal } from '../../lib/client'
import { sentenceAt } from '../../lib/client'
import KiteMark from '../../kit/KiteMark.vue'
import TextField from '../../kit/TextField.vue'
import { useSession } from '../../lib/session'

const session = useSession()
const route = useRoute()
const router = useRouter()
const email = ref('')
const password = ref('')
const code = ref('')
/** Whoever has a second factor is asked for it once the password is right. */
const isCodeAsked = ref(false)
const refusal = ref<Refusal | null>(null)
const isWorking = ref(false)

async function signIn(): Promise<void> {
  if (isWorking.value) return
  isWorking.value = true
  refusal.value = await session.signIn(email.value, password.value, isCodeAsked.value ? code.value : undefined)
  isCodeAsked.value ||= sentenceAt(refusal.value, 'code') !== undefined
  isWorking.value = false
  if (refusal.value) return
  const then = route.query.then
  // Only a path of this console: never an address that a link brought along.
  await router.push(typeof then === 'string' && /^\/(?![/\\])/.test(then) ? then : '/')
}
</script>

<template>
  <div class="mx-auto max-w-sm pt-[14vh]">
    <p class="mb-8 flex items-center gap-3">
      <KiteMark /><span class="sentence text-2xl font-semibold">Paper Kite</span>
    </p>
    <h1 class="sr-only">Sign in</h1>
    <form class="grid gap-4" novalidate @submit.prevent="signIn">
      <TextField
        v-model="email"
        label="E-mail"
        is-first
        type="email"
        autocomplete="username"
        inputmode="email"
        :error="sentenceAt(refusal, 'email') ?? (refusal && !refusal.errors ? refusal.message : undefined)"
      />
      <TextField
        v-model="password"
        label="Password"
        type="password"
        autocomplete="current-password"
        :error="sentenceAt(refusal, 'password')"
      />
      <TextField
        v-if="isCodeAsked"
        v-model="code"
        label="Code"
        is-first
        is-mono
        autocomplete="one-time-code"
        :error="sentenceAt(refusal, 'code')"
        note="Of your app, or a recovery code."
      />
      <button type="submit" class="deed mt-2" :disabled="isWorking">Sign in</button>
      <p><RouterLink :to="{ name: 'forgotten' }" class="follow">Forgotten your password?</RouterLink></p>
    </form>
  </div>
</template>
