<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { typed } from '../../lib/typed'

type OptionEntry = Schemas['OptionEntry']
type ChoiceEntry = OptionEntry['choices'][number]

/** What the shopper may choose, each with its choices as a line of small entries. */
defineProps<{ errorAt: (path: string) => string | undefined; currency: string }>()
const options = defineModel<OptionEntry[]>({ required: true })
const blank = (): ChoiceEntry => ({ name: '', price: '', adds: '' })

function changeOption(at: number, part: Partial<OptionEntry>): void {
  options.value = options.value.map((option, index) => (index === at ? { ...option, ...part } : option))
}

function changeChoice(at: number, choiceAt: number, part: Partial<ChoiceEntry>): void {
  const choices = options.value[at]?.choices.map((choice, index) =>
    index === choiceAt ? { ...choice, ...part } : choice,
  )
  if (choices) changeOption(at, { choices })
}

function addChoice(at: number): void {
  changeOption(at, { choices: [...(options.value[at]?.choices ?? []), blank()] })
}

function removeChoice(at: number, choiceAt: number): void {
  changeOption(at, { choices: options.value[at]?.choices.filter((_, index) => index !== choiceAt) ?? [] })
}
</script>

<template>
  <div class="grid gap-5">
    <fieldset v-for="(option, at) in options" :key="at" class="min-w-0">
      <legend class="sr-only">Option {{ at + 1 }}</legend>
      <div class="flex items-end gap-3">
        <label class="min-w-0 flex-1 md:max-w-72"
          ><span class="mb-1 block font-medium">Option</span>
          <input
            class="entry"
            :value="option.name"
            placeholder="Size, print, scent…"
            dir="auto"
            :aria-invalid="errorAt(`options.${at}.name`) ? 'true' : undefined"
            @input="changeOption(at, { name: typed($event) })"
        /></label>
        <button type="button" class="side-deed" @click="options = options.filter((_, index) => index !== at)">
          Remove <span class="sr-only">option {{ option.name }}</span>
        </button>
      </div>
      <p v-if="errorAt(`options.${at}.name`)" class="mt-1 text-sm text-wrong" role="alert">
        {{ errorAt(`options.${at}.name`) }}
      </p>
      <ul class="mt-2 border-l-2 border-dashed border-rule pl-4">
        <li v-for="(choice, choiceAt) in option.choices" :key="choiceAt" class="py-1">
          <div class="grid grid-cols-[minmax(0,1fr)_5.5rem_5.5rem_auto] items-center gap-2 md:max-w-xl">
            <input
              class="entry"
              :value="choice.name"
              :aria-label="`Choice ${choiceAt + 1} of ${option.name}`"
              placeholder="Choice"
              dir="auto"
              :aria-invalid="errorAt(`options.${at}.choices.${choiceAt}.name`) ? 'true' : undefined"
              @input="changeChoice(at, choiceAt, { name: typed($event) })"
              @keydown.enter.prevent="addChoice(at)"
            />
            <input
              class="entry"
              :value="choice.price"
              :aria-label="`Price of ${choice.name}, in ${currency}`"
              placeholder="Price"
              inputmode="decimal"
              :aria-invalid="errorAt(`options.${at}.choices.${choiceAt}.price`) ? 'true' : undefined"
              @input="changeChoice(at, choiceAt, { price: typed($event) })"
            />
            <input
              class="entry"
              :value="choice.adds"
              :aria-label="`What ${choice.name} adds, in ${currency}`"
              placeholder="Adds"
              inputmode="decimal"
              :aria-invalid="errorAt(`options.${at}.choices.${choiceAt}.adds`) ? 'true' : undefined"
              @input="changeChoice(at, choiceAt, { adds: typed($event) })"
            />
            <button
              type="button"
              class="min-h-8 min-w-8 text-sea"
              :aria-label="`Remove choice ${choice.name}`"
              @click="removeChoice(at, choiceAt)"
            >
              ×
            </button>
          </div>
          <p
            v-for="field in ['name', 'price', 'adds']"
            v-show="errorAt(`options.${at}.choices.${choiceAt}.${field}`)"
            :key="field"
            class="text-sm text-wrong"
            role="alert"
          >
            {{ errorAt(`options.${at}.choices.${choiceAt}.${field}`) }}
          </p>
        </li>
        <li><button type="button" class="follow min-h-8" @click="addChoice(at)">Another choice</button></li>
      </ul>
    </fieldset>
    <p v-if="errorAt('options')" class="text-sm text-wrong" role="alert">{{ errorAt('options') }}</p>
    <div>
      <button
        v-if="options.length < 3"
        type="button"
        class="side-deed"
        @click="options = [...options, { name: '', choices: [blank(), blank()] }]"
      >
        {{ options.length === 0 ? 'It comes in variants' : 'Another option' }}
      </button>
      <p v-if="options.length > 0" class="mt-1 text-sm text-pencil">
        A choice may set the price, or add to it. One option sets prices at most.
      </p>
    </div>
  </div>
</template>
