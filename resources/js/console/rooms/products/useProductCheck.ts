import { watchDebounced } from '@vueuse/core'
import { computed, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useLatest } from '../../lib/useLatest'
import { useSession } from '../../lib/session'

type Entry = Schemas['ProductEntry']

/** What the server reads of a product's form while it is typed. */
export function useProductCheck({
  id,
  filled,
  country,
  touched,
  refusal,
}: {
  id: Ref<number | undefined>
  /** All that is typed, as it is sent. */
  filled: ComputedRef<Entry | null>
  country: Ref<string>
  /** Fields that something was typed in. */
  touched: Ref<Set<string>>
  refusal: Ref<Refusal | null>
}): {
  check: ComputedRef<Schemas['ProductCheck'] | null>
  errorAt: (path: string) => string | undefined
  /** Whether something is told to be wrong in a part of the form that is a list. */
  isWrongIn: (list: string) => boolean
} {
  const session = useSession()
  const latest = useLatest((asked: Entry, signal) =>
    outcome(
      api.POST('/shops/{shop}/products/check', {
        signal,
        params: {
          path: { shop: session.slug },
          query: { ...(id.value ? { except: id.value } : {}), country: country.value },
        },
        body: asked,
      }),
    ),
  )
  const check = computed(() => latest.answer.value?.data ?? null)

  watch(filled, (now, before) => now && !before && latest.run(now))
  watchDebounced([filled, country], () => filled.value && latest.run(filled.value), { debounce: 150, deep: true })

  /** What is wrong at a path: told while typing once its field has been touched, and after trying to save. */
  function errorAt(path: string): string | undefined {
    const field = path.split('.')[0] ?? path
    const isTold = touched.value.has(field) || refusal.value !== null || id.value !== undefined
    if (check.value && isTold) return check.value.errors[path]?.[0]
    return sentenceAt(refusal.value, path)
  }

  function isWrongIn(list: string): boolean {
    return Object.keys(check.value?.errors ?? {}).some(
      (path) => path.startsWith(`${list}.`) && errorAt(path) !== undefined,
    )
  }

  return { check, errorAt, isWrongIn }
}
