<script setup lang="ts">
import { onMounted, onUnmounted, ref } from 'vue'
import ModalDialog from '../kit/ModalDialog.vue'
import { useSession } from '../lib/session'
import { signInBy } from '../lib/steady'
import SignInForm from '../rooms/session/SignInForm.vue'

/** Over whatever page whose session has ended: once signed in, what was asked for goes on. */
const session = useSession()
const email = ref('')
const answer = ref<((isSignedIn: boolean) => void) | null>(null)

function ask(): Promise<boolean> {
  email.value = session.person?.email ?? ''
  return new Promise((resolve) => (answer.value = resolve))
}

function settle(isSignedIn: boolean): void {
  const resolve = answer.value
  answer.value = null
  // Another person sees what they may see, from the beginning.
  if (isSignedIn && session.person?.email !== email.value) window.location.assign('/')
  else resolve?.(isSignedIn)
}

onMounted(() => signInBy(ask))
onUnmounted(() => signInBy(null))
</script>

<template>
  <ModalDialog :is-open="answer !== null" title="Sign in again" @close="settle(false)">
    <p class="mb-4 text-pencil">Your session has ended. What you typed is still here, and goes on once you are back.</p>
    <SignInForm :email="email" @signed-in="settle(true)">
      <button type="button" class="follow justify-self-start" @click="settle(false)">Not now</button>
    </SignInForm>
  </ModalDialog>
</template>
