<script setup lang="ts">
import { ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../lib/client'
import { useSession } from '../../lib/session'
import DraftGuard from '../../kit/DraftGuard.vue'
import TextField from '../../kit/TextField.vue'
import { useDraft } from '../../lib/useDraft'

/** The account that is paid. The first one is set at once; changing it asks for the password again. */
const session = useSession()
const isOpen = ref(false)
const payee = ref('')
const password = ref('')
const refusal = ref<Refusal | null>(null)
// A password is kept nowhere.
const draft = useDraft(() => `${session.key}/payee`, payee, { isHeard: false })
draft.begin(0)
isOpen.value = draft.wasKept.value

async function save(): Promise<void> {
  const sent = draft.send()
  const { data, refusal: refused } = await outcome(
    api.PUT('/shops/{shop}/payee', {
      params: { path: { shop: session.slug } },
      body: { payee: payee.value, password: password.value },
    }),
  )
  password.value = ''
  refusal.value = refused ?? null
  if (!data) return
  session.shop = data
  sent.settle(() => (payee.value = ''))
  isOpen.value = draft.isDirty.value
}

function cancel(): void {
  draft.drop()
  isOpen.value = false
}
</script>

<template>
  <div>
    <p>
      <span class="font-mono">{{ session.shop?.payee ?? 'nobody yet' }}</span>
      <span v-if="session.shop?.is_ready" class="ml-4 text-good">Ready to be paid.</span>
      <span v-else class="ml-4 text-wrong">Not ready to be paid: a payee and a payment provider are needed.</span>
      <button
        v-if="!isOpen && session.may.includes('payee')"
        type="button"
        class="follow ml-4 min-h-8"
        @click="isOpen = true"
      >
        {{ session.shop?.payee ? 'Change the payee' : 'Set the payee' }}
      </button>
    </p>
    <div v-if="isOpen" class="mt-3"><DraftGuard :draft="draft" /></div>
    <form v-if="isOpen" class="mt-3 grid gap-4 sm:grid-cols-[14rem_14rem_auto]" novalidate @submit.prevent="save">
      <TextField
        v-model="payee"
        label="Account at the provider"
        is-mono
        :error="sentenceAt(refusal, 'payee') ?? (session.shop?.payee ? undefined : sentenceAt(refusal, 'password'))"
      />
      <TextField
        v-if="session.shop?.payee"
        v-model="password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        :error="sentenceAt(refusal, 'password') ?? (refusal && !refusal.errors ? refusal.message : undefined)"
      />
      <div class="flex gap-3 sm:pt-7">
        <button type="submit" class="deed">Pay this account</button>
        <button type="button" class="side-deed !min-h-10" @click="cancel">Cancel</button>
      </div>
    </form>
    <p class="mt-1 text-sm text-pencil">
      Only an owner can change it; every owner is told by mail. No link, button or page shows it.
    </p>
  </div>
</template>
