<template>
  <svg viewBox="0 0 32 32" width="28" height="28" aria-hidden="true">
    <path d="M19 2l10 11-13 14L7 10z" class="fill-silk" />
    <path d="M19 2l-3 25L7 10z" class="fill-silk-deep" />
    <path d="M16 27c-3 3 1 4-8 4" class="stroke-sea" fill="none" stroke-width="2" stroke-linecap="round" />
  </svg>
</template>
