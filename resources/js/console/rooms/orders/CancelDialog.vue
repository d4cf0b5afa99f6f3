<script setup lang="ts">
import { ref } from 'vue'
import ModalDialog from '../../kit/ModalDialog.vue'
import SwitchField from '../../kit/SwitchField.vue'
import { api, outcome, sentenceAt, type Refusal, type Schemas } from '../../lib/client'
import { oneAtATime } from '../../lib/oneAtATime'
import { useSession } from '../../lib/session'

const props = defineProps<{ order: Schemas['Order']; isOpen: boolean }>()
const emit = defineEmits<{ close: []; done: [order: Schemas['Order']] }>()
const session = useSession()
const isRestocked = ref(true)
const refusal = ref<Refusal | null>(null)

const cancel = oneAtATime(async (): Promise<void> => {
  const { data, refusal: refused } = await outcome(
    api.POST('/shops/{shop}/orders/{number}/cancel', {
      params: { path: { shop: session.slug, number: props.order.number } },
      body: { shown: props.order.cancelling?.back.decimal ?? '', is_restocked: isRestocked.value },
    }),
  )
  refusal.value = refused ?? null
  if (data) emit('done', data)
})
</script>

<template>
  <ModalDialog :is-open="isOpen" :title="`Cancel order ${order.number}`" @close="$emit('close')">
    <form class="grid gap-4" @submit.prevent="cancel">
      <p dir="auto">{{ order.cancelling?.sentence }}</p>
      <SwitchField v-model="isRestocked" label="Put the pieces back in stock" />
      <p v-if="refusal" class="text-wrong" role="alert">{{ sentenceAt(refusal, 'what') ?? refusal.message }}</p>
      <div class="flex flex-wrap items-center gap-5">
        <button class="deed">Cancel order</button>
        <button type="button" class="follow" @click="$emit('close')">Keep order</button>
      </div>
    </form>
  </ModalDialog>
</template>
