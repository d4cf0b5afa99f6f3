import { watchDebounced } from '@vueuse/core'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, type Refusal, type Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'
import { oneAtATime } from '../../lib/oneAtATime'
import { useDraft, type DraftOfForm, type DraftOptions } from '../../lib/useDraft'
import { useLatest } from '../../lib/useLatest'

type Rules = Schemas['ShopRules']
type Sample = Schemas['RulesTrialEntry']['sample']

/** A shop's rules as they are typed, tried by the server on a sample cart at every change. */
export function useRules(options: DraftOptions): {
  rules: Ref<Rules | null>
  homeCountry: Ref<string>
  currency: Ref<string>
  mayChangeCurrency: Ref<boolean>
  sample: Ref<Sample>
  trial: ComputedRef<Schemas['RulesTrial'] | null>
  /** Whether the server has said what the rules come to: what it says has a place in the form, and moves what stands below. */
  isTried: ComputedRef<boolean>
  refusal: Ref<Refusal | null>
  draft: DraftOfForm
  /** What would be sent. */
  mine: ComputedRef<Schemas['RulesEntry'] | null>
  errorAt: (path: string) => string | undefined
  load: () => Promise<void>
  /** Puts back what is saved, by whomever. */
  reload: () => Promise<void>
  /** Puts what a version said into the form. */
  restore: (form: Record<string, unknown>) => void
  save: () => Promise<boolean>
  saveOver: (version: number, form?: object) => Promise<boolean>
} {
  const session = useSession()
  const rules = ref<Rules | null>(null)
  const homeCountry = ref('')
  const currency = ref('')
  const mayChangeCurrency = ref(false)
  const version = ref(1)
  const sample = ref<Sample>({ amount: '25.00', weight: '900', pieces: '2', country: '', tax_class: 'standard' })
  const refusal = ref<Refusal | null>(null)
  const latest = useLatest((asked: Schemas['RulesTrialEntry'], signal) =>
    outcome(api.POST('/shops/{shop}/rules/trial', { signal, params: { path: { shop: session.slug } }, body: asked })),
  )
  const trial = computed(() => latest.answer.value?.data ?? null)
  const mine = computed<Schemas['RulesEntry'] | null>({
    get: () => rules.value && { rules: rules.value, home_country: homeCountry.value, currency: currency.value },
    set: (now) => {
      rules.value = now?.rules ?? null
      homeCountry.value = now?.home_country ?? ''
      currency.value = now?.currency ?? ''
    },
  })
  const draft = useDraft(() => `${session.key}/rules`, mine, options)

  function take(data: Schemas['Rules']): void {
    mine.value = { rules: data.rules, home_country: data.home_country, currency: data.currency }
    version.value = data.version
    mayChangeCurrency.value = data.may_change_currency
  }

  async function load(): Promise<void> {
    const { data, refusal: refused } = await outcome(
      api.GET('/shops/{shop}/rules', { params: { path: { shop: session.slug } } }),
    )
    refusal.value = refused ?? null
    if (!data) return
    take(data)
    version.value = draft.begin(data.version)
    if (sample.value.country === '') sample.value = { ...sample.value, country: data.home_country }
    await tryOut()
  }

  let tried = ''

  async function tryOut(): Promise<void> {
    if (!rules.value) return
    const asked = { rules: rules.value, sample: sample.value, currency: currency.value }
    const text = JSON.stringify(asked)
    if (text === tried) return
    tried = text
    const answer = await latest.run(asked)
    // Where nothing came of it, it may be asked once more.
    if (answer?.refusal) tried = ''
  }

  async function reload(): Promise<void> {
    draft.drop()
    await load()
  }

  const send = oneAtATime(async (body: Schemas['RulesEntry']): Promise<boolean> => {
    const sent = draft.send()
    const { data, refusal: refused } = await outcome(
      api.PUT('/shops/{shop}/rules', {
        params: { path: { shop: session.slug } },
        body: { ...body, version: version.value },
      }),
    )
    refusal.value = refused ?? null
    if (!data) return false
    sent.settle(() => take(data), data.version)
    await session.reload()
    return true
  })

  async function save(): Promise<boolean> {
    return mine.value !== null && send(mine.value)
  }

  /** Saves over what somebody else has saved meanwhile, which is this version. */
  async function saveOver(theirs: number, form?: object): Promise<boolean> {
    version.value = theirs
    return form ? send(form as Schemas['RulesEntry']) : save()
  }

  function errorAt(path: string): string | undefined {
    return trial.value?.errors[path]?.[0]
  }

  watchDebounced([rules, sample, currency], tryOut, { debounce: 120, deep: true })

  return {
    rules,
    homeCountry,
    currency,
    mayChangeCurrency,
    sample,
    trial,
    isTried: computed(() => latest.answer.value !== null),
    refusal,
    draft,
    mine,
    errorAt,
    load,
    reload,
    restore: (form) => (mine.value = form as Schemas['RulesEntry']),
    save,
    saveOver,
  }
}
