<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'
import LedgerRow from '../../kit/LedgerRow.vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import PasswordForm from './PasswordForm.vue'
import SecondFactorForm from './SecondFactorForm.vue'

/** How a person signs in, and where they work. */
const session = useSession()
const router = useRouter()
const refusal = ref<Refusal | null>(null)
const wereEnded = ref(false)

const signOutEverywhere = oneAtATime(async () => {
  const { refusal: refused } = await outcome(api.POST('/me/sign-out-everywhere'))
  refusal.value = refused ?? null
  wereEnded.value = !refused
})

const leaving = ref<Schemas['ShopName'] | null>(null)
const leave = oneAtATime(async () => {
  const shop = leaving.value?.slug
  leaving.value = null
  if (!shop) return
  const { refusal: refused } = await outcome(api.POST('/shops/{shop}/leave', { params: { path: { shop } } }))
  refusal.value = refused ?? null
  if (refused) return
  await session.reloadPerson()
  if (session.slug === shop) {
    session.shop = null
    await router.push('/')
  }
})
const roles = { owner: 'Owner', editor: 'Editor', reader: 'Reader' }
</script>

<template>
  <div class="pt-6 pb-16">
    <h1 class="sentence mb-1 text-3xl font-semibold" dir="auto">{{ session.person?.name }}</h1>
    <p class="mb-5 [overflow-wrap:anywhere] text-pencil">{{ session.person?.email }}</p>
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">{{ sentenceAt(refusal, 'role') ?? refusal.message }}</p>
    <LedgerRow title="Password"><PasswordForm /></LedgerRow>
    <LedgerRow title="Sign-in code" help="codes"><SecondFactorForm /></LedgerRow>
    <LedgerRow title="Other browsers">
      <p class="mb-3">Signs you out in every other browser and on every phone. Here you stay signed in.</p>
      <button type="button" class="side-deed !min-h-10" @click="signOutEverywhere">Sign out everywhere else</button>
      <p v-if="wereEnded" class="mt-2 text-good" role="status">You are signed in only here now.</p>
    </LedgerRow>
    <LedgerRow title="Shops">
      <ul class="max-w-2xl">
        <li
          v-for="shop in session.person?.shops"
          :key="shop.slug"
          class="flex flex-wrap items-center gap-x-6 gap-y-1 py-1.5"
        >
          <RouterLink
            :to="{ name: 'offers', params: { shop: shop.slug } }"
            class="follow min-w-0 flex-1 basis-52"
            dir="auto"
            >{{ shop.name }}</RouterLink
          >
          <span class="w-20 text-pencil">{{ roles[shop.role] }}</span>
          <button type="button" class="side-deed" @click="leaving = shop">
            Leave <span class="sr-only">{{ shop.name }}</span>
          </button>
        </li>
      </ul>
      <p v-if="session.person?.shops.length === 0" class="text-pencil">
        You work in no shop; ask an owner to invite you.
      </p>
    </LedgerRow>
    <ModalDialog :is-open="leaving !== null" :title="`Leave ${leaving?.name}?`" @close="leaving = null">
      <p class="mb-4">You can’t open this shop any more, until an owner invites you again. What you made stays.</p>
      <div class="flex flex-wrap items-center gap-5">
        <button type="button" class="deed" @click="leave">Leave</button>
        <button type="button" class="follow" @click="leaving = null">Cancel</button>
      </div>
    </ModalDialog>
  </div>
</template>
