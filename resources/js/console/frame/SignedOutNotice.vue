<script setup lang="ts">
import { useSignedOut } from '../lib/useSignedOut'

/** Stands on every page whose session has ended, until something is answered again. */
const isSignedOut = useSignedOut()
</script>

<template>
  <div v-if="isSignedOut" class="sticky top-0 z-40 border-b border-rule bg-sheet" role="alert">
    <p class="mx-auto max-w-[80rem] px-5 py-2.5 text-wrong sm:px-8">
      You are signed out.
      <a href="/sign-in" target="_blank" rel="noopener" class="follow">Sign in in a new tab</a>, then try again here.
      What you typed is kept.
    </p>
  </div>
</template>
