<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { Schemas } from '../../lib/client'
import { useSession } from '../../lib/session'

defineProps<{ error?: string | undefined }>()
const model = defineModel<Schemas['Drawing']>({ required: true })
const session = useSession()
</script>

<template>
  <RadioGroup v-model="model">
    <RadioGroupLabel as="span" class="sr-only">Drawing</RadioGroupLabel>
    <div class="mt-2 grid grid-cols-4 gap-2">
      <RadioGroupOption
        v-for="drawing in session.lists?.drawings"
        :key="drawing.value"
        v-slot="{ checked }"
        :value="drawing.value"
        as="template"
      >
        <div class="cursor-pointer">
          <img
            :src="drawing.path"
            :alt="drawing.label"
            width="72"
            height="72"
            class="w-full border-3"
            :class="checked ? 'border-silk' : 'border-transparent'"
          />
        </div>
      </RadioGroupOption>
    </div>
    <p v-if="error" class="mt-1 text-sm text-wrong" role="alert">{{ error }}</p>
  </RadioGroup>
</template>
