<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import KiteMark from '../../kit/KiteMark.vue'
import SignInForm from './SignInForm.vue'

const route = useRoute()
const router = useRouter()

async function goOn(): Promise<void> {
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
    <SignInForm @signed-in="goOn">
      <p><RouterLink :to="{ name: 'forgotten' }" class="follow">Forgotten your password?</RouterLink></p>
    </SignInForm>
  </div>
</template>
