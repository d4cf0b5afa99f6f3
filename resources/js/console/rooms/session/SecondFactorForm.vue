<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { qrOf } from '../../lib/qr'
import { useSession } from '../../lib/session'
import TextField from '../../kit/TextField.vue'
import RecoveryCodes from './RecoveryCodes.vue'

/** A code besides the password, from an app on the person's phone. */
const session = useSession()
const password = ref('')
const code = ref('')
const begun = ref<{ secret: string; address: string } | null>(null)
const codes = ref<string[]>([])
const refusal = ref<Refusal | null>(null)
const isOn = computed(() => session.person?.has_second_factor === true)
const picture = computed(() => (begun.value ? qrOf(begun.value.address, 'M') : null))
const passwordError = computed(
  () =>
    sentenceAt(refusal.value, 'password') ??
    (refusal.value && !refusal.value.errors ? refusal.value.message : undefined),
)

const begin = oneAtATime(async () => {
  const { data, refusal: refused } = await outcome(
    api.POST('/me/second-factor', { body: { password: password.value } }),
  )
  refusal.value = refused ?? null
  begun.value = data ?? null
})

const confirm = oneAtATime(async () => {
  const { data, refusal: refused } = await outcome(
    api.POST('/me/second-factor/confirm', { body: { code: code.value } }),
  )
  await settle(data?.codes ?? [], refused)
})

const renew = oneAtATime(async () => {
  const body = { password: password.value, code: code.value }
  const { data, refusal: refused } = await outcome(api.POST('/me/second-factor/codes', { body }))
  await settle(data?.codes ?? [], refused)
})

const end = oneAtATime(async () => {
  const body = { password: password.value, code: code.value }
  const { refusal: refused } = await outcome(api.POST('/me/second-factor/end', { body }))
  await settle([], refused)
})

async function settle(shown: string[], refused: Refusal | undefined): Promise<void> {
  refusal.value = refused ?? null
  code.value = ''
  if (refused) return
  password.value = ''
  begun.value = null
  codes.value = shown
  await session.reloadPerson()
}
</script>

<template>
  <div class="max-w-2xl">
    <RecoveryCodes v-if="codes.length > 0" :codes="codes" @kept="codes = []" />
    <template v-else-if="isOn">
      <p class="mb-3">When you sign in, a code of your app is asked for besides the password.</p>
      <form class="grid items-start gap-4 sm:grid-cols-2" novalidate @submit.prevent="renew">
        <TextField
          v-model="password"
          label="Your password"
          type="password"
          autocomplete="current-password"
          :error="passwordError"
        />
        <TextField
          v-model="code"
          label="Code"
          is-mono
          autocomplete="one-time-code"
          note="Of your app, or a recovery code."
          :error="sentenceAt(refusal, 'code')"
        />
        <p class="flex flex-wrap gap-3 sm:col-span-2">
          <button type="submit" class="side-deed !min-h-10">New recovery codes</button>
          <button type="button" class="side-deed !min-h-10" @click="end">Ask for no code any more</button>
        </p>
      </form>
    </template>
    <form v-else-if="begun && picture" class="flex flex-wrap gap-6" novalidate @submit.prevent="confirm">
      <svg
        :viewBox="`0 0 ${picture.side} ${picture.side}`"
        width="180"
        height="180"
        role="img"
        aria-label="QR code for your app"
        shape-rendering="crispEdges"
        class="flex-none"
      >
        <path fill="#fff" :d="`M0 0h${picture.side}v${picture.side}H0z`" />
        <path fill="#000" :d="picture.squares" />
      </svg>
      <div class="grid min-w-0 flex-1 basis-64 content-start gap-3">
        <p>Read this picture with an app that shows codes, or type the secret into it:</p>
        <p class="font-mono text-sm [overflow-wrap:anywhere]" data-secret>{{ begun.secret }}</p>
        <TextField
          v-model="code"
          label="The code that the app shows"
          is-mono
          inputmode="numeric"
          autocomplete="one-time-code"
          :error="refusal ? (sentenceAt(refusal, 'code') ?? refusal.message) : undefined"
        />
        <p class="flex gap-3">
          <button type="submit" class="deed">Ask for codes from now on</button>
          <button type="button" class="side-deed !min-h-10" @click="begun = null">Cancel</button>
        </p>
      </div>
    </form>
    <form v-else class="grid items-start gap-4 sm:grid-cols-[minmax(0,18rem)_auto]" novalidate @submit.prevent="begin">
      <p class="sm:col-span-2">
        An app on your phone shows a new code every 30 seconds. Whoever knows only your password gets no further.
      </p>
      <TextField
        v-model="password"
        label="Your password"
        type="password"
        autocomplete="current-password"
        :error="passwordError"
      />
      <button type="submit" class="side-deed !min-h-10 justify-self-start sm:mt-7">Set it up</button>
    </form>
  </div>
</template>
