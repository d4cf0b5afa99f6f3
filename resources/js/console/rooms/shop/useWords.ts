import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useSettings, type Standing } from '../../lib/useSettings'
import { useSession } from '../../lib/session'

/** What shoppers read, phrase by phrase: found by what is typed, said in words of one's own, saved all at once. */
export function useWords(): ReturnType<typeof useSettings<Schemas['WordsOfShop']>> & {
  search: Ref<string>
  onlyOwn: Ref<boolean>
  found: ComputedRef<Schemas['PhraseGroup'][]>
  own: ComputedRef<Record<string, string>>
  say: (key: string, text: string) => void
  /** Says what a version said. */
  restore: (form: Record<string, unknown>) => void
  errorAt: (key: string) => string | undefined
} {
  const session = useSession()
  const path = computed(() => ({ shop: session.slug }))
  const search = ref('')
  const onlyOwn = ref(false)
  const settings = useSettings<Schemas['WordsOfShop']>({
    name: () => `${session.key}/words`,
    load: () => standing(outcome(api.GET('/shops/{shop}/words', { params: { path: path.value } }))),
    send: (body, version) =>
      standing(
        outcome(
          api.PUT('/shops/{shop}/words', {
            params: { path: path.value },
            body: { ...(body as Schemas['WordsOfShopEntry']), version },
          }),
        ),
      ),
    bodyOf: (entry) => ({ own: ownOf(entry) }),
  })

  const found = computed(() => {
    const wanted = search.value.trim().toLocaleLowerCase()
    return (settings.entry.value?.groups ?? [])
      .map((group) => ({
        ...group,
        phrases: group.phrases.filter(
          ({ standard, own }) =>
            (!onlyOwn.value || own !== '') && `${standard} ${own} ${group.label}`.toLocaleLowerCase().includes(wanted),
        ),
      }))
      .filter(({ phrases }) => phrases.length > 0)
  })

  function say(key: string, text: string): void {
    settings.change({
      groups: (settings.entry.value?.groups ?? []).map((group) => ({
        ...group,
        phrases: group.phrases.map((phrase) => (phrase.key === key ? { ...phrase, own: text } : phrase)),
      })),
    })
  }

  function sayAll(own: Record<string, string>): void {
    settings.change({
      groups: (settings.entry.value?.groups ?? []).map((group) => ({
        ...group,
        phrases: group.phrases.map((phrase) => ({ ...phrase, own: own[phrase.key] ?? '' })),
      })),
    })
  }

  return {
    ...settings,
    search,
    onlyOwn,
    found,
    own: computed(() => (settings.entry.value ? ownOf(settings.entry.value) : {})),
    say,
    restore: (form) => sayAll((form.own ?? {}) as Record<string, string>),
    errorAt: (key) => sentenceAt(settings.refusal.value, `own.${key.replaceAll('.', '/')}`),
  }
}

function ownOf(words: Schemas['WordsOfShop']): Record<string, string> {
  const phrases = words.groups.flatMap((group) => group.phrases).filter(({ own }) => own.trim() !== '')
  return Object.fromEntries(phrases.map(({ key, own }) => [key, own]))
}

async function standing(
  answer: ReturnType<typeof outcome<Schemas['WordsOfShop']>>,
): Promise<{ data?: Standing<Schemas['WordsOfShop']>; refusal?: Refusal }> {
  const { data, refusal } = await answer
  if (data) return { data: { entry: data, version: data.version } }
  return refusal ? { refusal } : {}
}
