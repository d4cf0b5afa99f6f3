import { ref, type Ref } from 'vue'
import { api } from './client'

const isSignedOut = ref(false)

/** Watches the answers for one that says that the session has ended, and for the next that does not. */
export function watchForSignOut(): void {
  api.use({
    onResponse({ response }) {
      if (response.status === 401) isSignedOut.value = true
      else if (response.ok) isSignedOut.value = false
    },
  })
}

export function useSignedOut(): Ref<boolean> {
  return isSignedOut
}
