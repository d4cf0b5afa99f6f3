import { computed, type ComputedRef } from 'vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import type { useProductForm } from './useProductForm'

/** What the kind of a product asks of its form. */
export function useProductKind({ entry, check }: ReturnType<typeof useProductForm>): {
  kind: ComputedRef<Schemas['ProductKindChoice'] | undefined>
  /** Whether the kind has a part of the form, or something is wrong in it that must be seen. */
  has: (part: Schemas['ProductPart']) => boolean
} {
  const session = useSession()
  const kind = computed(() => session.lists?.product_kinds.find(({ value }) => value === entry.value?.kind))

  return {
    kind,
    has: (part) => kind.value?.parts.includes(part) === true || check.value?.wrong_parts.includes(part) === true,
  }
}
