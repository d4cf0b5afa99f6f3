import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { api, outcome, sentenceAt, type Schemas } from '../../lib/client'
import { useSettings } from '../../lib/useSettings'
import { useSession } from '../../lib/session'

/** What shoppers read, phrase by phrase: found by what is typed, said in words of one's own, saved all at once. */
export function useWords(): ReturnType<typeof useSettings<Schemas['WordsOfShop']>> & {
  search: Ref<string>
  onlyOwn: Ref<boolean>
  found: ComputedRef<Schemas['PhraseGroup'][]>
  own: ComputedRef<Record<string, string>>
  say: (key: string, text: string) => void
  errorAt: (key: string) => string | undefined
} {
  const session = useSession()
  const path = computed(() => ({ shop: session.slug }))
  const search = ref('')
  const onlyOwn = ref(false)
  const settings = useSettings<Schemas['WordsOfShop']>(
    () => outcome(api.GET('/shops/{shop}/words', { params: { path: path.value } })),
    (entry, version) =>
      outcome(
        api.PUT('/shops/{shop}/words', {
          params: { path: path.value },
          body: { own: ownOf(entry), version: version ?? entry.version },
        }),
      ),
  )

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

  return {
    ...settings,
    search,
    onlyOwn,
    found,
    own: computed(() => (settings.entry.value ? ownOf(settings.entry.value) : {})),
    say,
    errorAt: (key) => sentenceAt(settings.refusal.value, `own.${key.replaceAll('.', '/')}`),
  }
}

function ownOf(words: Schemas['WordsOfShop']): Record<string, string> {
  const phrases = words.groups.flatMap((group) => group.phrases).filter(({ own }) => own.trim() !== '')
  return Object.fromEntries(phrases.map(({ key, own }) => [key, own]))
}
