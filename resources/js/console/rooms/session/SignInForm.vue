<script setup lang="ts">
import { ref } from 'vue'
import { sentenceAt, type Refusal } from '../../lib/client'
import TextField from '../../kit/TextField.vue'
import { useSession } from '../../lib/session'

/** E-mail, password and, for whoever has one, the second factor. */
const props = defineProps<{ email?: string }>()
const emit = defineEmits<{ signedIn: [] }>()
const session = useSession()
const email = ref(props.email ?? '')
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
  if (!refusal.value) emit('signedIn')
}
</script>

<template>
  <form class="grid gap-4" novalidate @submit.prevent="signIn">
    <TextField
      v-model="email"
      label="E-mail"
      :is-first="props.email === undefined"
      type="email"
      autocomplete="username"
      inputmode="email"
      :error="sentenceAt(refusal, 'email') ?? (refusal && !refusal.errors ? refusal.message : undefined)"
    />
    <TextField
      v-model="password"
      label="Password"
      :is-first="props.email !== undefined"
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
    <slot />
  </form>
</template>
