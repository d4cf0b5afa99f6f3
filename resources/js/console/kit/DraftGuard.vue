<script setup lang="ts">
import { useLeaveGuard } from '../lib/useLeaveGuard'
import type { DraftOfForm } from '../lib/useDraft'
import KeptNotice from './KeptNotice.vue'
import LeaveDialog from './LeaveDialog.vue'

/** Says above a form what came back in it, and asks before the page is left with something unsaved. */
const props = defineProps<{ draft: DraftOfForm }>()
const { wasKept, isDirty } = props.draft
const { isAsking, answer } = useLeaveGuard(isDirty)
</script>

<template>
  <KeptNotice :is-shown="wasKept" @drop="draft.drop" />
  <LeaveDialog :is-open="isAsking" @answer="answer" />
</template>
