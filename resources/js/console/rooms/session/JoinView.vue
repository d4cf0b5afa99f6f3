<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import TextField from '../../kit/TextField.vue'
import DoorFrame from './DoorFrame.vue'
import { strengthOf } from './strength'

/** Accepts an invitation: as whoever is signed in, else with a name and a password. */
const props = defineProps<{ token: string }>()
const session = useSession()
const router = useRouter()
const invitation = ref<Schemas['Invitation'] | null>(null)
const name = ref('')
const password = ref('')
const refusal = ref<Refusal | null>(null)
const isThere = computed(() => session.person !== null)
const strength = computed(() => strengthOf(password.value))
const path = { token: props.token }

onMounted(async () => {
  const [{ data, refusal: refused }] = await Promise.all([
    outcome(api.GET('/invitations/{token}', { params: { path } })),
    session.load(),
  ])
  invitation.value = data ?? null
  refusal.value = refused ?? null
})

const accept = oneAtATime(async () => {
  const body = isThere.value ? {} : { name: name.value, password: password.value }
  const { data, refusal: refused } = await outcome(api.POST('/invitations/{token}', { params: { path }, body }))
  refusal.value = refused ?? null
  if (!data) return
  session.person = data
  const joined = data.shops.find((shop) => shop.name === invitation.value?.shop)
  await router.push(joined ? { name: 'offers', params: { shop: joined.slug } } : '/')
})
</script>

<template>
  <DoorFrame v-if="invitation || refusal" :title="invitation ? `Work in ${invitation.shop}` : 'Invitation'">
    <p v-if="refusal && !refusal.errors" class="mb-4 text-wrong" role="alert">{{ refusal.message }}</p>
    <template v-if="invitation">
      <p class="mb-4">
        <span class="[overflow-wrap:anywhere]">{{ invitation.email }}</span> is invited as
        <strong>{{ invitation.role }}</strong>. {{ invitation.note }}
      </p>
      <form v-if="isThere" @submit.prevent="accept">
        <p class="mb-4 text-pencil">
          You are signed in as <span class="[overflow-wrap:anywhere]">{{ session.person?.email }}</span>.
        </p>
        <button type="submit" class="deed">Accept</button>
      </form>
      <p v-else-if="invitation.is_known">
        <RouterLink :to="{ name: 'sign-in', query: { then: $route.fullPath } }" class="deed"
          >Sign in to accept</RouterLink
        >
      </p>
      <form v-else class="grid gap-4" novalidate @submit.prevent="accept">
        <TextField v-model="name" label="Your name" autocomplete="name" :error="sentenceAt(refusal, 'name')" />
        <TextField
          v-model="password"
          label="Password"
          type="password"
          autocomplete="new-password"
          :note="strength"
          :error="sentenceAt(refusal, 'password')"
        />
        <button type="submit" class="deed">Accept and begin</button>
      </form>
    </template>
  </DoorFrame>
</template>
