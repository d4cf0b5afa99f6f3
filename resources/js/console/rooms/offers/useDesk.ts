import { computed, onMounted, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { blankEntry, type Beginning } from './blankEntry'
import { useKeptDesks } from './keptDesks'
import { usePlaces } from './usePlaces'
import { goingOn } from '../../lib/goingOn'
import { useUndo } from '../../lib/useUndo'

type Entry = Schemas['OfferEntry']

/** What somebody else has saved meanwhile, and who did so when. */
export interface Theirs {
  message: string
  offer: Schemas['Offer']
}

/**
 * One offer on the desk: what stands there, what is saved of it, and the ways to change that.
 *
 * @param id The offer; left out for a new one.
 * @param beginning What a new one begins with.
 */
export function useDesk(
  id: number | undefined,
  beginning: Beginning = {},
): {
  offer: Ref<Schemas['Offer'] | null>
  entry: Ref<Entry | null>
  refusal: Ref<Refusal | null>
  theirs: Ref<Theirs | null>
  hasNoProducts: Ref<boolean>
  wasKept: Ref<boolean>
  isDirty: ComputedRef<boolean>
  canTakeBack: ComputedRef<boolean>
  canRedo: ComputedRef<boolean>
  takeBack: () => void
  redo: () => void
  beginAnew: () => Promise<void>
  save: () => Promise<Refusal | null>
  settle: (keepsMine: boolean) => Promise<Refusal | null>
  setState: (state: Schemas['OfferState']) => Promise<Refusal | null>
} & ReturnType<typeof usePlaces> {
  const session = useSession()
  const offer = ref<Schemas['Offer'] | null>(null)
  const entry = ref<Entry | null>(null)
  const saved = ref('')
  const seen = ref<number | null>(null)
  const refusal = ref<Refusal | null>(null)
  const theirs = ref<Theirs | null>(null)
  const hasNoProducts = ref(false)
  const wasKept = ref(false)
  const isDirty = computed(() => entry.value !== null && JSON.stringify(entry.value) !== saved.value)
  const { past, canTakeBack, canRedo, takeBack, redo, startWith } = useUndo(entry)
  const begun = ['new', beginning.product ?? beginning.example].filter(Boolean).join('-')
  const key = computed(() => `${session.key}/${offer.value?.id ?? begun}`)
  const { desks, keep, forget } = useKeptDesks()

  watch([entry, past], () => {
    if (!entry.value) return
    if (offer.value === null && !isDirty.value) return
    keep(key.value, { entry: entry.value, past: past.value, version: seen.value ?? 0, saved: saved.value })
  })

  onMounted(async () => {
    if (!id) return begin()
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/offers/{offer}', { params: { path: { shop: session.slug, offer: id } } }),
    )
    refusal.value = refused ?? null
    if (data) restore(data)
  })

  /** A new sentence has something in every slot; the one that was left unsaved comes back. */
  async function begin(): Promise<void> {
    const kept = desks.value[key.value]
    if (kept) {
      saved.value = kept.saved
      startWith(kept.entry, kept.past)
      wasKept.value = true
      return
    }
    const { entry: blank, refusal: refused } = await blankEntry(session.slug, beginning)
    refusal.value = refused
    hasNoProducts.value = blank === null && refused === null
    if (blank === null) return
    // The default sentence is nobody's work yet, so that leaving it loses nothing.
    saved.value = JSON.stringify(blank)
    startWith(blank, [])
  }

  async function beginAnew(): Promise<void> {
    forget(`${session.key}/${begun}`)
    wasKept.value = false
    await begin()
  }

  function restore(taken: Schemas['Offer']): void {
    const kept = desks.value[`${session.key}/${taken.id}`]
    take(taken)
    if (!kept) return
    const now = JSON.stringify(taken.entry)
    const isUnsaved = JSON.stringify(kept.entry) !== kept.saved
    wasKept.value = isUnsaved && JSON.stringify(kept.entry) !== now
    startWith(isUnsaved ? kept.entry : taken.entry, kept.past)
    // A change that began before somebody else's is still one that began before it.
    if (isUnsaved) seen.value = kept.version
  }

  function take(taken: Schemas['Offer']): void {
    offer.value = taken
    saved.value = JSON.stringify(taken.entry)
    seen.value = taken.version
    startWith(taken.entry, past.value)
  }

  /** Saves what stands on the desk, where that is something new; a refusal says why not. */
  async function save(): Promise<Refusal | null> {
    if (!entry.value || (offer.value && !isDirty.value)) return null
    if (offer.value) return change(offer.value.id, { ...entry.value, ...(seen.value ? { version: seen.value } : {}) })
    const goOn = goingOn(entry)
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/offers', { params: { path: { shop: session.slug } }, body: entry.value }),
    )
    if (data) {
      forget(`${session.key}/${begun}`)
      wasKept.value = false
      goOn(() => take(data))
    }
    return refused ?? null
  }

  async function change(which: number, body: Entry & Schemas['Seen']): Promise<Refusal | null> {
    const goOn = goingOn(entry)
    const answer = await api
      .PUT('/shops/{shop}/offers/{offer}', { params: { path: { shop: session.slug, offer: which } }, body })
      .catch(() => null)
    if (answer?.error && 'offer' in answer.error) {
      theirs.value = answer.error
      return { message: answer.error.message }
    }
    const { data, refusal: refused } = await outcome(
      answer ? Promise.resolve(answer) : Promise.reject(new Error('The server can’t be reached.')),
    )
    if (data) {
      wasKept.value = false
      goOn(() => take(data))
    }
    return refused ?? null
  }

  /** After two sellers have changed the same offer: the other sentence is not lost either way. */
  async function settle(keepsMine: boolean): Promise<Refusal | null> {
    const other = theirs.value?.offer
    const mine = entry.value
    theirs.value = null
    if (!other || !mine) return null
    if (keepsMine) return change(other.id, { ...mine, version: other.version })
    past.value = [...past.value, mine]
    take(other)
    return null
  }

  async function setState(state: Schemas['OfferState']): Promise<Refusal | null> {
    // What goes live is what stands there; whoever pauses or archives has not said that it shall be saved.
    const unsaved = state === 'live' || !offer.value ? await save() : null
    if (unsaved || !offer.value) return unsaved
    const { data, refusal: refused } = await outcome(
      api.POST('/shops/{shop}/offers/{offer}/state', {
        params: { path: { shop: session.slug, offer: offer.value.id } },
        body: { state },
      }),
    )
    if (data && isDirty.value) offer.value = data
    else if (data) take(data)
    return refused ?? null
  }

  return {
    offer,
    entry,
    refusal,
    theirs,
    hasNoProducts,
    wasKept,
    isDirty,
    canTakeBack,
    canRedo,
    takeBack,
    redo,
    beginAnew,
    save,
    settle,
    setState,
    ...usePlaces(offer, save),
  }
}
