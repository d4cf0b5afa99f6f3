import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDraft, type DraftOfForm } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'
import { newName } from '../../lib/actNames'
import { useSession } from '../../lib/session'

type RefundAct = Schemas['RefundEntry'] & { act: string }

/** What is given back of an order: said in a form, tried at every change, done once. */
export function useRefund(
  number: () => number,
  refundable: () => Schemas['Refundable'],
): {
  entry: Ref<RefundAct>
  isRestocked: Ref<boolean>
  trial: ComputedRef<Schemas['RefundTrial'] | null>
  refusal: ComputedRef<Refusal | null>
  chooseAll: () => void
  refund: () => Promise<Schemas['Order'] | null>
  draft: DraftOfForm
} {
  const session = useSession()
  const entry = ref<RefundAct>({
    // However often the button is pressed, the server knows it as one act, after a reload, too.
    act: newName(),
    by: 'goods',
    lines: refundable().lines.map(({ line }) => ({ line, pieces: '' })),
    shipping: '',
    amount: '',
    reason: '',
  })
  const draft = useDraft(() => `${session.key}/refund/${number()}`, entry, { isHeard: false })
  draft.begin(0)
  const isRestocked = ref(false)
  const refused = ref<Refusal | null>(null)
  const path = computed(() => ({ shop: session.slug, number: number() }))

  const { answer, run } = useLatest((body: Schemas['RefundEntry'], signal) =>
    outcome(api.POST('/shops/{shop}/orders/{number}/refunds/trial', { signal, params: { path: path.value }, body })),
  )

  const isBlank = computed(() =>
    entry.value.by === 'amount'
      ? entry.value.amount.trim() === ''
      : entry.value.shipping.trim() === '' && entry.value.lines.every(({ pieces }) => pieces.trim() === ''),
  )

  // The reason changes no amount.
  watch(
    () => JSON.stringify([entry.value.by, entry.value.lines, entry.value.shipping, entry.value.amount]),
    () => {
      refused.value = null
      if (!isBlank.value) void run(entry.value)
    },
  )

  const refund = oneAtATime(async (): Promise<Schemas['Order'] | null> => {
    const shown = answer.value?.data?.amount.decimal
    if (shown === undefined) return null
    const sent = draft.send()
    const { data, refusal } = await outcome(
      api.POST('/shops/{shop}/orders/{number}/refunds', {
        params: { path: path.value },
        body: { ...entry.value, shown, is_restocked: isRestocked.value && entry.value.by === 'goods' },
      }),
    )
    refused.value = refusal ?? null
    if (data) sent.settle()
    return data ?? null
  })

  return {
    entry,
    isRestocked,
    trial: computed(() => (isBlank.value ? null : (answer.value?.data ?? null))),
    refusal: computed(() => refused.value ?? (isBlank.value ? null : (answer.value?.refusal ?? null))),
    chooseAll: () => {
      entry.value = {
        ...entry.value,
        lines: refundable().lines.map(({ line, pieces }) => ({ line, pieces: String(pieces) })),
        shipping: refundable().shipping.decimal,
      }
    },
    refund,
    draft,
  }
}
