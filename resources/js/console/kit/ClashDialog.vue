<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import type { Refusal } from '../lib/client'
import { areSame, chosenForm } from '../lib/clashes'
import ModalDialog from './ModalDialog.vue'

/** Two people have changed the same fields of a form: both sides of each, and which of them shall stand. */
const props = defineProps<{ refusal: Refusal | null; mine: object | null }>()
const emit = defineEmits<{ settle: [form: object, version: number] }>()
const isOpen = ref(false)
const sides = reactive<Record<number, 'theirs' | 'mine'>>({})
/** What was chosen before, and what stood in the form then: that is what has gone on since, should it be refused as well. */
let settled: { form: object; mine: object } | null = null
const clashes = computed(() => props.refusal?.clashes ?? [])

watch(
  clashes,
  (now) => {
    isOpen.value = now.length > 0
    now.forEach((_clash, index) => (sides[index] = 'mine'))
  },
  { immediate: true },
)

function settle(): void {
  const { refusal, mine } = props
  if (!refusal?.joined || !refusal.sent || refusal.version === undefined || !mine) return
  isOpen.value = false
  const chosen = (side: 'theirs' | 'mine'): string[][] =>
    clashes.value.filter((_clash, index) => sides[index] === side).map(({ path }) => path)
  const then = settled && areSame(refusal.sent, settled.form) ? settled.mine : refusal.sent
  const form = chosenForm(refusal.joined, then, mine, { mine: chosen('mine'), theirs: chosen('theirs') })
  settled = { form, mine }
  emit('settle', form, refusal.version)
}
</script>

<template>
  <template v-if="clashes.length > 0">
    <button type="button" class="follow min-h-8" @click="isOpen = true">See both and choose</button>
    <ModalDialog :is-open="isOpen" title="Two have changed the same" is-wide @close="isOpen = false">
      <p class="mb-4">{{ refusal?.message }} What only one of you changed is kept from both.</p>
      <div
        v-for="(clash, index) in clashes"
        :key="index"
        role="radiogroup"
        :aria-labelledby="`clash-${index}`"
        class="mb-4 border-t border-rule pt-3"
        data-clash
      >
        <h3 :id="`clash-${index}`" class="small-title mb-1">{{ clash.label }}</h3>
        <div class="grid gap-x-8 gap-y-2 sm:grid-cols-2">
          <label
            v-for="side in ['mine', 'theirs'] as const"
            :key="side"
            class="flex cursor-pointer gap-3 border-l-4 py-1 pl-3"
            :class="sides[index] === side ? 'border-silk' : 'border-rule'"
          >
            <input
              v-model="sides[index]"
              type="radio"
              :name="`side-${index}`"
              :value="side"
              class="mt-1 size-4 flex-none accent-sea"
            />
            <span class="min-w-0">
              <span class="block text-sm text-pencil">{{ side === 'mine' ? 'Yours' : 'As it is saved now' }}</span>
              <bdi class="[overflow-wrap:anywhere]">{{ clash[side] }}</bdi>
            </span>
          </label>
        </div>
      </div>
      <div class="flex flex-wrap gap-3">
        <button type="button" class="deed" @click="settle">Save what is chosen</button>
        <button type="button" class="side-deed !min-h-10" @click="isOpen = false">Cancel</button>
      </div>
    </ModalDialog>
  </template>
</template>
