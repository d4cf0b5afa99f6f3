<script setup lang="ts">
import { computed, ref } from 'vue'
import FormHistory from '../../kit/FormHistory.vue'
import KeptNotice from '../../kit/KeptNotice.vue'
import LeaveDialog from '../../kit/LeaveDialog.vue'
import PickField from '../../kit/PickField.vue'
import PostedFrame from '../../kit/PostedFrame.vue'
import SaveBar from '../../kit/SaveBar.vue'
import SegmentedChoice from '../../kit/SegmentedChoice.vue'
import SwitchField from '../../kit/SwitchField.vue'
import TextField from '../../kit/TextField.vue'
import UndoButtons from '../../kit/UndoButtons.vue'
import { useFields } from '../../lib/useFields'
import { useLeaveGuard } from '../../lib/useLeaveGuard'
import { useSession } from '../../lib/session'
import BannerField from './BannerField.vue'
import ColourField from './ColourField.vue'
import { usePageLook } from './usePageLook'

/** How the shop's own pages look, tried on each of them before it is saved. */
const session = useSession()
const { entry, fonts, marks, trial, refusal, isDirty, wasSaved, draft, mine, change, reload, submit, errorAt } =
  usePageLook()
const { wasKept, canTakeBack, canRedo } = draft
const { isAsking, answer } = useLeaveGuard(isDirty)
const { value, field } = useFields(entry, change, errorAt)
const what = ref('list')
const schemes = computed(() =>
  entry.value?.stays_light
    ? [{ scheme: 'light', label: 'For every reader' }]
    : [
        { scheme: 'light', label: 'As you chose' },
        { scheme: 'dark', label: 'Dark, for readers who prefer it' },
      ],
)
const note = computed(() => {
  if (refusal.value || Object.keys(trial.value?.errors ?? {}).length > 0) return 'Something is still to be put right.'
  if (isDirty.value) return 'Changed, not saved yet.'
  return wasSaved.value ? 'Saved.' : 'All is saved.'
})
</script>

<template>
  <LeaveDialog :is-open="isAsking" @answer="answer" />
  <p class="pt-6">
    <RouterLink :to="{ name: 'shop', params: { shop: session.slug } }" class="follow">Shop</RouterLink>
  </p>
  <h1 class="sentence mt-1 mb-4 text-3xl font-semibold">Look of your pages</h1>
  <KeptNotice :is-shown="wasKept" @drop="reload" />
  <form
    v-if="entry"
    class="grid gap-x-10 gap-y-6 pb-24 lg:grid-cols-[19rem_minmax(0,1fr)]"
    novalidate
    @submit.prevent="submit()"
  >
    <div class="grid min-w-0 content-start gap-4">
      <ColourField v-bind="field('ground')" label="Background" />
      <ColourField v-bind="field('accent')" label="Accent" />
      <p v-if="trial" class="text-sm text-pencil">
        <template v-if="trial.moved"
          >Buttons are <span class="font-mono">{{ trial.moved }}</span>, so that they can be seen on it.
        </template>
        Lowest contrast of text: {{ trial.contrast }}. 4.5 is enough.
      </p>
      <SwitchField v-bind="value('stays_light')" label="The same for every reader" />
      <div class="grid grid-cols-2 gap-3">
        <PickField v-bind="field('font')" label="Font" :choices="fonts" />
        <PickField v-bind="field('mark')" label="Icon beside the name" :choices="marks" />
      </div>
      <TextField v-bind="field('sentence')" label="A sentence about the shop" note="Search engines show it too." />
      <BannerField :entry="entry" :error="errorAt('banner_text')" @change="change" />
    </div>
    <section class="min-w-0" aria-label="Preview">
      <SegmentedChoice
        v-model="what"
        label="Show"
        class="mb-3"
        :choices="[
          { value: 'list', label: 'List' },
          { value: 'product', label: 'Product' },
          { value: 'cart', label: 'Cart' },
          { value: 'checkout', label: 'Checkout' },
        ]"
      />
      <div class="grid gap-4" :class="{ 'sm:grid-cols-2': schemes.length > 1 }">
        <figure v-for="{ scheme, label } in schemes" :key="scheme" class="min-w-0">
          <figcaption class="small-title mb-1">{{ label }}</figcaption>
          <PostedFrame
            :action="`/preview/${session.slug}/pages`"
            :fields="{ what, scheme, look: JSON.stringify(entry) }"
            :title="`Preview, ${label.toLowerCase()}`"
            class="h-[30rem]"
          />
        </figure>
      </div>
    </section>
    <SaveBar
      :note="note"
      :is-wrong="refusal !== null"
      :refusal="refusal"
      :mine="mine"
      @insist="(version) => submit(version)"
      @settle="(form, version) => submit(version, form)"
      @reload="reload"
    >
      <UndoButtons :can-take-back="canTakeBack" :can-redo="canRedo" @take-back="draft.takeBack" @redo="draft.redo" />
      <FormHistory kind="page_look" title="History of the look" @restore="(form) => change(form)" />
      <button type="submit" class="deed" :disabled="!isDirty">Save</button>
    </SaveBar>
  </form>
</template>
