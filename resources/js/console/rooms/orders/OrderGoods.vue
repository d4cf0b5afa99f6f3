<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import { useDates } from '../../lib/useDates'

defineProps<{ order: Schemas['Order']; isBusy: boolean }>()
defineEmits<{ press: [state: Schemas['GoodsState']]; cancel: [] }>()
const { dayAndTime } = useDates()
</script>

<template>
  <section data-goods-state>
    <h2 class="small-title mb-1">State</h2>
    <p
      class="font-semibold"
      :class="order.goods.state === 'new' || order.goods.state === 'cancelled' ? 'text-amber' : 'text-good'"
    >
      {{ order.goods.label }}
    </p>
    <ol v-if="order.steps.length" class="mt-1 grid gap-1 text-sm text-pencil">
      <li v-for="(step, index) in order.steps" :key="index" class="[overflow-wrap:anywhere]">
        {{ step.label }} on {{ dayAndTime(step.at)
        }}<template v-if="step.person">
          by <bdi>{{ step.person }}</bdi></template
        ><template v-if="step.carrier">
          · <bdi>{{ step.carrier }}</bdi></template
        ><template v-if="step.tracking">
          ·
          <a :href="step.tracking" class="follow" target="_blank" rel="noopener noreferrer nofollow"
            >Track the parcel</a
          >
        </template>
      </li>
    </ol>
    <div v-if="order.next.length || order.cancelling" class="mt-3 flex flex-wrap gap-x-5 gap-y-2">
      <button
        v-for="(choice, index) in order.next"
        :key="choice.state"
        :class="index === 0 ? 'deed' : 'follow'"
        :disabled="isBusy"
        @click="$emit('press', choice.state)"
      >
        {{ choice.deed }}
      </button>
      <button v-if="order.cancelling" class="follow" @click="$emit('cancel')">Cancel order</button>
    </div>
  </section>
</template>
