<script setup lang="ts">
import { ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import TextField from '../../kit/TextField.vue'
import DoorFrame from './DoorFrame.vue'

/** Asks for a link by which a new password is chosen. */
const email = ref('')
const isSent = ref(false)
const refusal = ref<Refusal | null>(null)

const send = oneAtATime(async () => {
  const { refusal: refused } = await outcome(api.POST('/password-links', { body: { email: email.value } }))
  refusal.value = refused ?? null
  isSent.value = !refused
})
</script>

<template>
  <DoorFrame title="A new password">
    <p v-if="isSent" role="status">
      If somebody signs in with this address, a mail is on its way. Its link works once, for 30 minutes.
    </p>
    <form v-else class="grid gap-4" novalidate @submit.prevent="send">
      <TextField
        v-model="email"
        label="E-mail"
        is-first
        type="email"
        inputmode="email"
        autocomplete="username"
        note="With which you sign in."
        :error="refusal ? (sentenceAt(refusal, 'email') ?? refusal.message) : undefined"
      />
      <button type="submit" class="deed">Send me a link</button>
    </form>
    <p class="mt-6"><RouterLink :to="{ name: 'sign-in' }" class="follow">Back to signing in</RouterLink></p>
  </DoorFrame>
</template>
