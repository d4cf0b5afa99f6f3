<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import TextField from '../../kit/TextField.vue'
import DoorFrame from './DoorFrame.vue'
import { strengthOf } from './strength'

/** Chooses a new password by a mailed link. */
const props = defineProps<{ token: string }>()
const password = ref('')
const state = ref<'asking' | 'usable' | 'over' | 'done'>('asking')
const refusal = ref<Refusal | null>(null)
const strength = computed(() => strengthOf(password.value))
const path = { token: props.token }

onMounted(async () => {
  const { refusal: refused } = await outcome(api.GET('/password-links/{token}', { params: { path } }))
  refusal.value = refused ?? null
  state.value = refused ? 'over' : 'usable'
})

const choose = oneAtATime(async () => {
  const { refusal: refused, status } = await outcome(
    api.POST('/password-links/{token}', { params: { path }, body: { password: password.value } }),
  )
  refusal.value = refused ?? null
  if (!refused) state.value = 'done'
  else if (status === 404) state.value = 'over'
})
</script>

<template>
  <DoorFrame title="A new password">
    <form v-if="state === 'usable'" class="grid gap-4" novalidate @submit.prevent="choose">
      <TextField
        v-model="password"
        label="New password"
        is-first
        type="password"
        autocomplete="new-password"
        :note="strength"
        :error="refusal ? (sentenceAt(refusal, 'password') ?? refusal.message) : undefined"
      />
      <button type="submit" class="deed">Take this password</button>
      <p class="text-sm text-pencil">You are signed out in every browser then.</p>
    </form>
    <template v-else-if="state === 'done'">
      <p class="mb-4 text-good" role="status">This is your password now.</p>
      <RouterLink :to="{ name: 'sign-in' }" class="deed">Sign in</RouterLink>
    </template>
    <template v-else-if="state === 'over'">
      <p class="mb-4 text-wrong" role="alert">{{ refusal?.message }}</p>
      <RouterLink :to="{ name: 'forgotten' }" class="follow">Ask for a new link</RouterLink>
    </template>
  </DoorFrame>
</template>
