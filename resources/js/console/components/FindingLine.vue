<script setup lang="ts">
import type { Schemas } from '../../shared/client'

defineProps<{ finding: Schemas['Finding'] }>()
const names = { error: 'To mend', caution: 'Careful', hint: 'Hint' }
</script>

<template>
  <p
    class="text-base"
    :class="{
      'text-wrong': finding.severity === 'error',
      'text-amber': finding.severity === 'caution',
      'text-pencil': finding.severity === 'hint',
    }"
  >
    <strong>{{ names[finding.severity] }}:</strong> {{ finding.sentence }}
  </p>
</template>
