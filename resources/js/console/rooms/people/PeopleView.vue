<script setup lang="ts">
import { computed, ref } from 'vue'
import { sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { useDates } from '../../lib/useDates'
import { useDraft } from '../../lib/useDraft'
import { useSession } from '../../lib/session'
import DraftGuard from '../../kit/DraftGuard.vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import PickField from '../../kit/PickField.vue'
import TextField from '../../kit/TextField.vue'
import { usePeople } from './usePeople'
import PageTitle from '../../kit/PageTitle.vue'

/** Who works in the shop; for its owners. */
const { people, refusal, invite, withdraw, change, remove } = usePeople()
const { dayAndTime } = useDates()
const session = useSession()
const invitation = ref<{ email: string; role: Schemas['Role'] }>({ email: '', role: 'editor' })
const draft = useDraft(() => `${session.key}/invitation`, invitation, { isHeard: false })
draft.begin(0)
const refused = ref<Refusal | null>(null)
const invited = ref('')
const leaving = ref<Schemas['Member'] | null>(null)
const roles = computed(() => people.value?.roles ?? [])
const note = computed(() => roles.value.find(({ value }) => value === invitation.value.role)?.note)

async function send(): Promise<void> {
  const sent = draft.send()
  const { email, role } = invitation.value
  refused.value = await invite(email, role)
  if (refused.value) return
  invited.value = email.trim()
  sent.settle(() => (invitation.value = { email: '', role }))
}

async function removeIt(): Promise<void> {
  if (leaving.value) await remove(leaving.value.id)
  leaving.value = null
}
</script>

<template>
  <div class="pt-6 pb-16">
    <PageTitle title="People" help="people" class="mb-2" />
    <p class="mb-5 text-pencil">Who works in this shop, and what each of them may do.</p>
    <p v-if="refusal" class="mb-4 text-wrong" role="alert">
      {{ sentenceAt(refusal, 'role') ?? refusal.message }}
    </p>
    <template v-if="people">
      <ul class="max-w-3xl">
        <li
          v-for="person in people.people"
          :key="person.id"
          class="flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-rule py-3"
        >
          <div class="min-w-0 flex-1 basis-60">
            <p class="font-semibold">
              <bdi>{{ person.name }}</bdi> <span v-if="person.is_you" class="font-normal text-pencil">· you</span>
            </p>
            <p class="text-sm [overflow-wrap:anywhere] text-pencil">
              {{ person.email }}<template v-if="person.has_second_factor"> · signs in with a code</template>
            </p>
          </div>
          <PickField
            class="w-40"
            :label="`Role of ${person.name}`"
            is-label-hidden
            :model-value="person.role"
            :choices="roles"
            @update:model-value="(chosen: Schemas['Role']) => change(person.id, chosen)"
          />
          <button type="button" class="side-deed !min-h-10" @click="leaving = person">
            Remove <span class="sr-only">{{ person.name }}</span>
          </button>
        </li>
      </ul>

      <section v-if="people.invitations.length > 0" class="mt-8 max-w-3xl" aria-labelledby="invited">
        <h2 id="invited" class="small-title mb-1">Invited, not here yet</h2>
        <ul>
          <li
            v-for="waiting in people.invitations"
            :key="waiting.id"
            class="flex flex-wrap items-center gap-x-6 gap-y-1 border-t border-rule py-2.5"
          >
            <span class="min-w-0 flex-1 basis-60 [overflow-wrap:anywhere]">{{ waiting.email }}</span>
            <span class="text-sm text-pencil"
              >{{ roles.find(({ value }) => value === waiting.role)?.label }}, until
              {{ dayAndTime(waiting.expires_at) }}</span
            >
            <button type="button" class="side-deed" @click="withdraw(waiting.id)">
              Withdraw <span class="sr-only">the invitation of {{ waiting.email }}</span>
            </button>
          </li>
        </ul>
      </section>

      <section class="mt-8 max-w-3xl border-t border-rule pt-4" aria-labelledby="invite">
        <h2 id="invite" class="sentence mb-3 text-lg font-semibold">Invite somebody</h2>
        <DraftGuard :draft="draft" />
        <form class="grid items-start gap-4 sm:grid-cols-[minmax(0,1fr)_12rem_auto]" novalidate @submit.prevent="send">
          <TextField
            v-model="invitation.email"
            label="E-mail"
            type="email"
            inputmode="email"
            :error="refused ? (sentenceAt(refused, 'email') ?? refused.message) : undefined"
          />
          <PickField v-model="invitation.role" label="Role" :choices="roles" />
          <button type="submit" class="deed sm:mt-7">Invite</button>
        </form>
        <p class="mt-2 text-sm text-pencil">{{ note }}</p>
        <p v-if="invited" class="mt-2 text-good" role="status">
          A mail with a link is on its way to {{ invited }}. It works once, for seven days.
        </p>
      </section>
    </template>

    <ModalDialog :is-open="leaving !== null" :title="`Remove ${leaving?.name}?`" @close="leaving = null">
      <p class="mb-4">
        {{ leaving?.name }} can’t open this shop any more. What they made stays. You can invite them again.
      </p>
      <div class="flex flex-wrap items-center gap-5">
        <button type="button" class="deed" @click="removeIt">Remove</button>
        <button type="button" class="follow" @click="leaving = null">Cancel</button>
      </div>
    </ModalDialog>
  </div>
</template>
