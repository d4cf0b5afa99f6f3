import { watchDebounced } from '@vueuse/core'
import { onMounted, ref, watch, type Ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Refusal, Schemas } from './client'
import { useLatest } from './useLatest'

interface Listed {
  at: Schemas['PageFacts']
}

interface Asked {
  search: string
  page: number
}

/**
 * A list that is filtered by typing, or by one of a few values, and turned by pages. All stand in the address, so that
 * back and reload keep them.
 */
export function useList<T extends Listed>(
  ask: (asked: Asked, filter: string) => Promise<{ data?: T; refusal?: Refusal }>,
): {
  list: Ref<T | null>
  refusal: Ref<Refusal | null>
  search: Ref<string>
  filter: Ref<string>
  turnTo: (page: number) => void
  load: () => Promise<void>
} {
  const route = useRoute()
  const router = useRouter()
  const search = ref(typeof route.query.search === 'string' ? route.query.search : '')
  const page = ref(Number(route.query.page) || 1)
  const filter = ref(typeof route.query.filter === 'string' ? route.query.filter : '')
  const list = ref(null) as Ref<T | null>
  const refusal = ref<Refusal | null>(null)
  const latest = useLatest(() => ask({ search: search.value, page: page.value }, filter.value))

  async function load(): Promise<void> {
    const answered = await latest.run(undefined)
    if (!answered) return
    refusal.value = answered.refusal ?? null
    if (answered.data) list.value = answered.data
  }

  function remember(): void {
    void router.replace({
      query: {
        ...(search.value ? { search: search.value } : {}),
        ...(filter.value ? { filter: filter.value } : {}),
        ...(page.value > 1 ? { page: page.value } : {}),
      },
    })
  }

  function turnTo(wanted: number): void {
    page.value = wanted
    remember()
    void load()
  }

  watch(filter, () => turnTo(1))
  watchDebounced(search, () => turnTo(1), { debounce: 150 })
  onMounted(load)

  return { list, refusal, search, filter, turnTo, load }
}
