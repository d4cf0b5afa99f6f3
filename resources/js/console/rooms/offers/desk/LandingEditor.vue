<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../../lib/session'
import SlotInput from './SlotInput.vue'

const landing = defineModel<string>({ required: true })
defineEmits<{ keep: [] }>()
const session = useSession()
const hosts = computed(() => session.shop?.hosts ?? [])
</script>

<template>
  <SlotInput
    v-model="landing"
    label="Where they land afterwards"
    placeholder="https://"
    inputmode="url"
    @keep="$emit('keep')"
  />
  <p class="mt-1 text-sm text-pencil">Left blank they land where the shop leads everybody.</p>
  <p class="mt-2 text-sm">
    <template v-if="hosts.length > 0"
      >Hosts that you have listed: <span class="font-mono">{{ hosts.join(', ') }}</span></template
    >
    <template v-else>No host is listed yet; list one under Shop, Checkout.</template>
  </p>
</template>
