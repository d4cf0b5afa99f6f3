import { watchDebounced } from '@vueuse/core'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { oneAtATime } from '../../lib/oneAtATime'
import { useLatest } from '../../lib/useLatest'

type Rules = Schemas['ShopRules']
type Sample = Schemas['RulesTrialEntry']['sample']

/** A shop's rules as they are typed, tried by the server on a sample cart at every change. */
export function useRules(): {
  rules: Ref<Rules | null>
  homeCountry: Ref<string>
  currency: Ref<string>
  mayChangeCurrency: Ref<boolean>
  sample: Ref<Sample>
  trial: ComputedRef<Schemas['RulesTrial'] | null>
  refusal: Ref<Refusal | null>
  isDirty: ComputedRef<boolean>
  errorAt: (path: string) => string | undefined
  load: () => Promise<void>
  save: () => Promise<boolean>
  saveOver: (version: number) => Promise<boolean>
} {
  const session = useSession()
  const rules = ref<Rules | null>(null)
  const homeCountry = ref('')
  const currency = ref('')
  const mayChangeCurrency = ref(false)
  const saved = ref('')
  const version = ref(1)
  const sample = ref<Sample>({ amount: '25.00', weight: '900', pieces: '2', country: '', tax_class: 'standard' })
  const refusal = ref<Refusal | null>(null)
  const latest = useLatest((asked: Schemas['RulesTrialEntry']) =>
    outcome(api.POST('/shops/{shop}/rules/trial', { params: { path: { shop: session.slug } }, body: asked })),
  )
  const trial = computed(() => latest.answer.value?.data ?? null)
  const isDirty = computed(
    () => rules.value !== null && JSON.stringify([rules.value, homeCountry.value, currency.value]) !== saved.value,
  )

  function take(data: Schemas['Rules']): void {
    rules.value = data.rules
    homeCountry.value = data.home_country
    currency.value = data.currency
    version.value = data.version
    mayChangeCurrency.value = data.may_change_currency
    saved.value = JSON.stringify([data.rules, data.home_country, data.currency])
  }

  async function load(): Promise<void> {
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/rules', { params: { path: { shop: session.slug } } }),
    )
    refusal.value = refused ?? null
    if (!data) return
    take(data)
    if (sample.value.country === '') sample.value = { ...sample.value, country: data.home_country }
  }

  const save = oneAtATime(async (): Promise<boolean> => {
    if (!rules.value) return false
    const { data, refusal: refused } = await outcome(
      api.PUT('/shops/{shop}/rules', {
        params: { path: { shop: session.slug } },
        body: { rules: rules.value, home_country: homeCountry.value, currency: currency.value, version: version.value },
      }),
    )
    refusal.value = refused ?? null
    if (!data) return false
    take(data)
    await session.reload()
    return true
  })

  /** Saves over what somebody else has saved meanwhile, which is this version. */
  function saveOver(theirs: number): Promise<boolean> {
    version.value = theirs
    return save()
  }

  function errorAt(path: string): string | undefined {
    return trial.value?.errors[path]?.[0]
  }

  watchDebounced(
    [rules, sample, currency],
    () => rules.value && latest.run({ rules: rules.value, sample: sample.value, currency: currency.value }),
    {
      debounce: 120,
      deep: true,
    },
  )

  return {
    rules,
    homeCountry,
    currency,
    mayChangeCurrency,
    sample,
    trial,
    refusal,
    isDirty,
    errorAt,
    load,
    save,
    saveOver,
  }
}
