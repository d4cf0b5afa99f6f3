<script setup lang="ts">
defineProps<{ count: number; isWorking: boolean }>()
defineEmits<{ tell: [] }>()
</script>

<template>
  <div class="border-l-4 border-amber py-1 pl-4" role="status">
    <p>
      {{
        count === 1
          ? 'One order was booked for another date or place, and the shopper does not know of it yet.'
          : `${count} orders were booked for another date or place, and the shoppers do not know of it yet.`
      }}
      A mail to each can’t be taken back.
    </p>
    <button type="button" class="side-deed mt-2" :disabled="isWorking" @click="$emit('tell')">
      {{ count === 1 ? 'Tell the shopper by mail' : `Tell ${count} shoppers by mail` }}
    </button>
  </div>
</template>
