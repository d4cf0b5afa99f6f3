import { ref, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'

/** Says of orders how far their goods have come. What is sent asks first, since the shopper is told of it. */
export function useMoveOrders(moved: () => Promise<void> | void): {
  asksFor: Ref<number[]>
  carrier: Ref<string>
  tracking: Ref<string>
  isBusy: Ref<boolean>
  refusal: Ref<Refusal | null>
  stayed: Ref<Schemas['OrderThatStayed'][]>
  press: (to: Schemas['GoodsState'], numbers: number[]) => void
  send: () => Promise<void>
} {
  const session = useSession()
  const asksFor = ref<number[]>([])
  const carrier = ref('')
  const tracking = ref('')
  const isBusy = ref(false)
  const refusal = ref<Refusal | null>(null)
  const stayed = ref<Schemas['OrderThatStayed'][]>([])

  async function move(to: Schemas['GoodsState'], numbers: number[]): Promise<void> {
    if (isBusy.value || numbers.length === 0) return
    isBusy.value = true
    const answered = await outcome(
      api.POST('/shops/{shop}/orders/goods', {
        params: { path: { shop: session.slug } },
        body: { numbers, to, carrier: carrier.value, tracking: tracking.value },
      }),
    )
    isBusy.value = false
    refusal.value = answered.refusal ?? null
    if (!answered.data) return
    stayed.value = answered.data.stayed
    asksFor.value = []
    await moved()
  }

  function press(to: Schemas['GoodsState'], numbers: number[]): void {
    refusal.value = null
    stayed.value = []
    carrier.value = ''
    tracking.value = ''
    if (to === 'sent') asksFor.value = numbers
    else void move(to, numbers)
  }

  return { asksFor, carrier, tracking, isBusy, refusal, stayed, press, send: () => move('sent', asksFor.value) }
}
