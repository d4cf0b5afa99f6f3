import { ref, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from './client'
import { useSession } from './session'

type Kind = Schemas['Deletable']

export interface JustDeleted {
  kind: Kind
  id: number
  name: string
}

const last = ref<JustDeleted | null>(null)
/** Counts what was deleted and taken back, so that what lists it reads anew. */
const changes = ref(0)

/** Deletes things, of which the last is shown with the way back on every page. */
export function useDeleting(): {
  last: Ref<JustDeleted | null>
  changes: Ref<number>
  remove: (kind: Kind, id: number, name: string) => Promise<Refusal | null>
  takeBack: (kind: Kind, id: number) => Promise<Refusal | null>
} {
  const session = useSession()

  async function set(kind: Kind, subject: number, isDeleted: boolean): Promise<Refusal | null> {
    const { data, refusal } = await outcome(
      api.POST('/shops/{shop}/deleted/{kind}/{subject}', {
        params: { path: { shop: session.slug, kind, subject } },
        body: { is_deleted: isDeleted },
      }),
    )
    if (data) changes.value++
    return refusal ?? null
  }

  return {
    last,
    changes,
    remove: async (kind, id, name) => {
      const refusal = await set(kind, id, true)
      if (!refusal) last.value = { kind, id, name }
      return refusal
    },
    takeBack: async (kind, id) => {
      const refusal = await set(kind, id, false)
      if (!refusal && last.value?.kind === kind && last.value.id === id) last.value = null
      return refusal
    },
  }
}
