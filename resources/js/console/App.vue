<script setup lang="ts">
import { nextTick, ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import CommandBox from './frame/CommandBox.vue'
import KeysDialog from './frame/KeysDialog.vue'
import DeletedNotice from './frame/DeletedNotice.vue'
import ConnectionNotice from './frame/ConnectionNotice.vue'
import SignInDialog from './frame/SignInDialog.vue'
import TopBar from './frame/TopBar.vue'
import TroubleNotice from './frame/TroubleNotice.vue'
import { keyOfView } from './frame/found'
import { isOwnAddress } from './lib/ownAddress'
import { rememberOpened } from './lib/recent'
import { useKeyListener, useKeys } from './lib/useKeys'
import { useSession } from './lib/session'

const session = useSession()
const router = useRouter()
const areKeysShown = ref(false)
const isFinding = ref(false)
/** How many views were drawn: each address has one of its own, but where the same one goes on at another. */
const view = ref(0)
const main = useTemplateRef<HTMLElement>('main')

useKeyListener()

router.afterEach(async (to, from, whyNot) => {
  if (whyNot) return
  const key = keyOfView(to.name, to.params.id)
  if (key) rememberOpened(session.key, key)
  if (to.path === from.path) return
  if (!isOwnAddress(to)) view.value++
  // Whoever goes on by keyboard begins in the new view, not at the bar again.
  await nextTick()
  if (document.activeElement === document.body) main.value?.focus({ preventScroll: true })
})

async function signOut(): Promise<void> {
  await session.signOut()
  await router.push({ name: 'sign-in' })
  session.forget()
}
useKeys(
  { key: '?', does: 'Show these keys', run: () => (areKeysShown.value = true) },
  {
    key: 'n',
    does: 'Write a new offer',
    run: () => session.shop && void router.push({ name: 'new-offer', params: { shop: session.slug } }),
  },
)
</script>

<template>
  <a href="#main" class="sr-only bg-sheet focus:not-sr-only focus:absolute focus:z-50 focus:p-3">Skip to the content</a>
  <SignInDialog v-if="session.person && !$route.meta.isOpen" />
  <ConnectionNotice />
  <TopBar
    v-if="session.person && session.shop && !$route.meta.isOpen"
    @keys="areKeysShown = true"
    @find="isFinding = true"
    @sign-out="signOut"
  />
  <CommandBox v-if="session.person && session.shop" v-model="isFinding" @sign-out="signOut" />
  <TroubleNotice v-if="session.person && session.shop && !$route.meta.isOpen" :key="session.slug" />
  <DeletedNotice v-if="session.person && session.shop && !$route.meta.isOpen" />
  <main id="main" ref="main" tabindex="-1" class="mx-auto max-w-[80rem] px-5 pb-16 outline-none sm:px-8">
    <RouterView :key="view" />
  </main>
  <KeysDialog :is-open="areKeysShown" @close="areKeysShown = false" />
</template>
