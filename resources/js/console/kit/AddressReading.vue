<script setup lang="ts">
import type { Schemas } from '../lib/client'

/** What a pasted address names at a partner's, what comes out of it, and what is wrong with it. */
defineProps<{ reading: Schemas['AddressReading'] }>()
</script>

<template>
  <div data-reading>
    <ul v-if="reading.findings.length > 0" class="mb-2 grid gap-1">
      <li
        v-for="finding in reading.findings"
        :key="finding.sentence"
        :class="finding.severity === 'error' ? 'text-wrong' : 'text-amber'"
      >
        <strong>{{ finding.severity === 'error' ? 'Must fix' : 'Check' }}:</strong> {{ finding.sentence }}
      </li>
    </ul>
    <template v-if="reading.address">
      <p class="text-sm text-pencil">
        {{ reading.marketplace }}: <bdi>{{ reading.target }}</bdi>
      </p>
      <p class="mt-1 text-sm font-medium">The click leads to</p>
      <p class="font-mono text-sm [overflow-wrap:anywhere]">{{ reading.address }}</p>
      <dl v-if="reading.parts.length > 0" class="mt-2 grid gap-x-4 text-sm sm:grid-cols-[6rem_minmax(0,1fr)]">
        <template v-for="(part, index) in reading.parts" :key="index">
          <dt class="font-mono [overflow-wrap:anywhere] text-pencil">{{ part.part }}</dt>
          <dd class="mb-1 [overflow-wrap:anywhere]">
            <bdi class="font-mono" :class="{ 'line-through': !part.stays }">{{ part.value || '(blank)' }}</bdi>:
            {{ part.meaning }}
          </dd>
        </template>
      </dl>
    </template>
  </div>
</template>
