<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { computed } from 'vue'
import { useSession } from '../lib/session'
import KiteMark from '../kit/KiteMark.vue'

defineEmits<{ keys: []; find: []; signOut: [] }>()

const session = useSession()
const missing = computed(() => session.shop?.missing.length ?? 0)
const rooms = [
  { name: 'offers', label: 'Offers' },
  { name: 'products', label: 'Products' },
  { name: 'partners', label: 'Partners' },
  { name: 'orders', label: 'Orders' },
  { name: 'shop', label: 'Shop' },
]
/** As this keyboard has it. */
const findKeys = /Mac|iPhone|iPad/.test(navigator.userAgent) ? '⌘ K' : 'Ctrl K'
</script>

<template>
  <header class="border-b border-rule">
    <div class="mx-auto flex max-w-[80rem] flex-wrap items-center gap-x-6 gap-y-1 px-5 py-2.5 sm:px-8">
      <span class="flex min-w-0 flex-1 items-center gap-2 sm:flex-none">
        <KiteMark />
        <span class="sentence truncate text-lg font-semibold" dir="auto">{{ session.shop?.name }}</span>
      </span>
      <nav aria-label="Rooms" class="order-last flex w-full gap-4 sm:order-none sm:w-auto sm:gap-5">
        <RouterLink
          v-for="room in rooms"
          :key="room.name"
          :to="{ name: room.name, params: { shop: session.slug } }"
          class="border-b-2 border-transparent py-1.5"
          :class="$route.path.startsWith(`/${session.slug}/${room.name}`) ? '!border-silk font-semibold' : 'text-sea'"
          :aria-current="$route.path.startsWith(`/${session.slug}/${room.name}`) ? 'page' : undefined"
        >
          {{ room.label }}
        </RouterLink>
      </nav>
      <div class="ml-auto flex items-center gap-3">
        <button type="button" class="min-h-8 px-1 text-sea" @click="$emit('find')">
          Find <kbd class="rounded-sm border border-rule px-1 font-mono text-sm max-sm:hidden">{{ findKeys }}</kbd>
        </button>
        <button type="button" class="hidden min-h-8 px-1 text-sea sm:block" @click="$emit('keys')">
          Keys <kbd class="rounded-sm border border-rule px-1 font-mono text-sm">?</kbd>
        </button>
        <Menu as="div" class="relative">
          <MenuButton class="min-h-8 px-1 text-sea" dir="auto">{{ session.person?.name }}</MenuButton>
          <MenuItems class="absolute right-0 z-30 mt-1 w-64 border border-rule bg-sheet py-1 shadow-lg">
            <MenuItem v-for="shop in session.person?.shops" :key="shop.slug" v-slot="{ active }">
              <RouterLink
                :to="{ name: 'offers', params: { shop: shop.slug } }"
                class="block px-4 py-2"
                :class="{ 'bg-paper': active }"
                dir="auto"
              >
                {{ shop.name }}<span v-if="shop.slug === session.slug" class="text-pencil"> · here</span>
              </RouterLink>
            </MenuItem>
            <MenuItem v-slot="{ active }">
              <RouterLink
                :to="{ name: 'account' }"
                class="block border-t border-rule px-4 py-2"
                :class="{ 'bg-paper': active }"
                >Your account</RouterLink
              >
            </MenuItem>
            <MenuItem v-if="session.may.includes('people')" v-slot="{ active }">
              <RouterLink
                :to="{ name: 'people', params: { shop: session.slug } }"
                class="block px-4 py-2"
                :class="{ 'bg-paper': active }"
                >People in this shop</RouterLink
              >
            </MenuItem>
            <MenuItem v-slot="{ active }">
              <button
                type="button"
                class="block w-full border-t border-rule px-4 py-2 text-left"
                :class="{ 'bg-paper': active }"
                @click="$emit('signOut')"
              >
                Sign out
              </button>
            </MenuItem>
          </MenuItems>
        </Menu>
      </div>
    </div>
    <p v-if="!session.may.includes('work')" class="mx-auto max-w-[80rem] px-5 pb-2 text-sm text-pencil sm:px-8">
      You are a reader in this shop: you see everything and change nothing.
    </p>
    <p v-if="missing > 0" class="mx-auto max-w-[80rem] px-5 pb-2 text-sm text-amber sm:px-8">
      <RouterLink :to="{ name: 'readiness', params: { shop: session.slug } }" class="underline underline-offset-3">{{
        missing === 1
          ? 'One thing is missing before the shop is ready'
          : `${missing} things are missing before the shop is ready`
      }}</RouterLink>
    </p>
  </header>
</template>
