import { nextTick, onUnmounted } from 'vue'
import { useRouter, type RouteLocation, type RouteLocationRaw } from 'vue-router'

let goesTo: string | null = null

/**
 * The same view goes on at another address, with all that is typed in it: a new thing has an address of its own once it is
 * saved, a renamed shop another one.
 *
 * @returns Goes there, unless the view was left meanwhile.
 */
export function useOwnAddress(): (address: RouteLocationRaw) => Promise<void> {
  const router = useRouter()
  let isLeft = false
  onUnmounted(() => (isLeft = true))

  return async (address) => {
    if (isLeft) return
    goesTo = router.resolve(address).path
    try {
      await router.replace(address)
      // The page is scrolled a moment after the address is there.
      await nextTick()
    } finally {
      goesTo = null
    }
  }
}

/** Whether it is an address at which the same view goes on. */
export function isOwnAddress(to: RouteLocation): boolean {
  return to.path === goesTo
}
