<script setup lang="ts">
import type { Schemas } from '../../lib/client'
import PageTurner from '../../kit/PageTurner.vue'

/** The shop's coupons, each as what it does. */
defineProps<{ list: Schemas['CouponList'] | null }>()
const search = defineModel<string>('search', { required: true })
const emit = defineEmits<{
  edit: [coupon: Schemas['Coupon']]
  duplicate: [coupon: Schemas['Coupon']]
  remove: [coupon: Schemas['Coupon']]
  turn: [page: number]
}>()
</script>

<template>
  <div>
    <input
      v-if="search !== '' || (list?.at.total ?? 0) > 5"
      v-model="search"
      type="search"
      class="entry mb-2 sm:!w-72"
      aria-label="Find a coupon"
      placeholder="Find a coupon"
    />
    <ul v-if="list">
      <li
        v-for="coupon in list.items"
        :key="coupon.id"
        class="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-2"
      >
        <span class="font-mono font-semibold" dir="auto">{{ coupon.entry.code }}</span>
        <span class="min-w-0 flex-1">{{ coupon.sentence }}</span>
        <span class="text-sm text-pencil">{{ coupon.uses === 1 ? 'used once' : `used ${coupon.uses} times` }}</span>
        <button type="button" class="follow min-h-8" @click="emit('edit', coupon)">
          Change <span class="sr-only">{{ coupon.entry.code }}</span>
        </button>
        <button type="button" class="follow min-h-8" @click="emit('duplicate', coupon)">
          Duplicate <span class="sr-only">{{ coupon.entry.code }}</span>
        </button>
        <button type="button" class="follow min-h-8" @click="emit('remove', coupon)">
          Delete <span class="sr-only">{{ coupon.entry.code }}</span>
        </button>
      </li>
      <li v-if="list.items.length === 0" class="py-2 text-pencil">
        <template v-if="search"
          >No coupon fits “<bdi>{{ search }}</bdi
          >”.</template
        >
        <template v-else>None yet.</template>
      </li>
    </ul>
    <PageTurner v-if="list" :at="list.at" @turn="(page) => emit('turn', page)" />
  </div>
</template>
