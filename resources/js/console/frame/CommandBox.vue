<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/vue'
import { useEventListener, watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import LinkAnatomy from '../kit/LinkAnatomy.vue'
import { api, outcome, type Schemas } from '../lib/client'
import { recentOf, rememberOpened } from '../lib/recent'
import { useLatest } from '../lib/useLatest'
import { activeKeys, type Key } from '../lib/useKeys'
import { useSession } from '../lib/session'
import { whereIs, whereIsDone } from './found'

/** Finds any thing of the shop and does any act by its name; a pasted link of the shop is taken apart. */
const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ signOut: [] }>()

type Choice =
  { key: string; thing: Schemas['FoundThing'] } | { key: string; act: Schemas['FoundAct'] } | { key: string; here: Key }

const session = useSession()
const router = useRouter()
const typed = ref('')
const latest = useLatest((asked: string, signal) =>
  outcome(
    api.GET('/shops/{shop}/find', {
      signal,
      params: { path: { shop: session.slug }, query: { typed: asked, recent: recentOf(session.key).join(',') } },
    }),
  ),
)
const found = computed(() => latest.answer.value?.data ?? null)
const refusal = computed(() => latest.answer.value?.refusal ?? null)
/** What can be done on the page that is open, by the name of its key. */
const here = computed(() => {
  const words = typed.value.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0 || found.value?.link) return []
  return activeKeys.filter(({ does }) => {
    const own = does.toLowerCase().split(/\s+/)
    return words.every((word) => own.some((one) => one.startsWith(word)))
  })
})
const choices = computed<Choice[]>(() => [
  ...here.value.map((key) => ({ key: `key ${key.does}`, here: key })),
  ...(found.value?.acts ?? []).slice(0, 3).map((act) => ({ key: `act ${act.act}`, act })),
  ...(found.value?.things ?? []).map((thing) => ({ key: `thing ${thing.key}`, thing })),
  ...(found.value?.acts ?? []).slice(3).map((act) => ({ key: `act ${act.act}`, act })),
])

watch(isOpen, (opens) => {
  typed.value = ''
  if (opens) void latest.run('')
})
watchDebounced(typed, (asked) => isOpen.value && latest.run(asked), { debounce: 80 })

useEventListener(document, 'keydown', (event) => {
  if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey) || event.shiftKey || event.altKey) return
  if (!session.shop || (!isOpen.value && document.querySelector('[role="dialog"]'))) return
  event.preventDefault()
  isOpen.value = !isOpen.value
})

async function choose(choice: Choice | null): Promise<void> {
  if (!choice) return
  isOpen.value = false
  if ('here' in choice) return choice.here.run()
  if ('thing' in choice) {
    rememberOpened(session.key, choice.thing.key)
    await router.push(whereIs(session.slug, choice.thing))
  } else if (choice.act.act === 'sign_out') {
    emit('signOut')
  } else {
    await router.push(whereIsDone(session.slug, choice.act.act))
  }
}

function shownOf(choice: Choice): { label: string; note: string; kind: string } {
  if ('here' in choice) return { label: choice.here.does, note: '', kind: 'On this page' }
  if ('thing' in choice) return { ...choice.thing, kind: choice.thing.kind_label }
  return { label: choice.act.label, note: '', kind: choice.act.note }
}
</script>

<template>
  <Dialog :open="isOpen" class="relative z-40" aria-label="Find" @close="isOpen = false">
    <div class="fixed inset-0 bg-[#18222d]/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-4 pt-[9vh]">
      <DialogPanel class="mx-auto w-full max-w-2xl border-t-4 border-sea bg-sheet">
        <Combobox :model-value="null" nullable @update:model-value="choose">
          <ComboboxInput
            class="w-full border-b border-rule bg-transparent px-5 py-4 text-lg outline-offset-[-2px]"
            aria-label="Find anything, or paste a link of this shop"
            placeholder="Find anything, or paste a link of this shop"
            autocomplete="off"
            spellcheck="false"
            :display-value="() => typed"
            @keydown.esc="isOpen = false"
            @change="typed = $event.target.value"
          />
          <p v-if="refusal" class="px-5 py-3 text-wrong" role="alert">{{ refusal.message }}</p>
          <div v-if="found?.link" class="px-5 pt-4" data-link>
            <p class="mb-2" dir="auto">{{ found.link }}</p>
            <LinkAnatomy v-if="found.parts.length" :parts="found.parts" />
          </div>
          <p v-if="typed === '' && choices.length > 0" class="small-title px-5 pt-3">Opened lately</p>
          <ComboboxOptions static class="max-h-[60vh] overflow-y-auto py-2" aria-label="Found">
            <ComboboxOption
              v-for="choice in choices"
              :key="choice.key"
              v-slot="{ active }"
              :value="choice"
              as="template"
            >
              <li
                class="grid cursor-pointer grid-cols-[6.5rem_minmax(0,1fr)] items-baseline gap-x-4 border-l-4 px-4 py-1.5 max-sm:grid-cols-1"
                :class="active ? 'border-sea bg-paper' : 'border-transparent'"
              >
                <span class="text-sm text-pencil">{{ shownOf(choice).kind }}</span>
                <span class="min-w-0">
                  <bdi class="[overflow-wrap:anywhere]">{{ shownOf(choice).label }}</bdi>
                  <span v-if="shownOf(choice).note" class="ml-2 text-sm text-pencil" dir="auto">{{
                    shownOf(choice).note
                  }}</span>
                </span>
              </li>
            </ComboboxOption>
          </ComboboxOptions>
          <p v-if="found && choices.length === 0 && !found.link" class="px-5 pb-4 text-pencil">
            <template v-if="typed === ''"
              >Products, offers, places, orders, coupons, looks, settings, and what can be done.</template
            >
            <template v-else>Nothing of this shop is called that.</template>
          </p>
        </Combobox>
      </DialogPanel>
    </div>
  </Dialog>
</template>
