<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import type { Finding } from '@nolvex/core/review/finding'
import { leaveFinding } from '@nolvex/core/review/leftFindings'
import LineInput from '../forms/LineInput.vue'
import PopPanel from '../forms/PopPanel.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** Leaves a finding as it is, with the reason that is kept with it. */
const props = defineProps<{ finding: Finding }>()
const project = useProject()
const reason = ref('')
const isAsked = ref(false)

function leave() {
  isAsked.value = !reason.value
  if (!reason.value) return
  project.changeSite('Leave a finding as it is', [leaveFinding(props.finding, reason.value, newId())])
}
</script>

<template>
  <PopPanel words="Leave it…" :width="320">
    <p class="soft">It is listed below with the reason, and counted no longer.</p>
    <div @keydown.enter="leave">
      <LineInput
        label="Why it stays as it is"
        :value="reason"
        placeholder="Why it stays as it is"
        @change="reason = $event"
      />
    </div>
    <TroubleNote :says="isAsked ? 'Say why first: whoever reads the list later wants to know.' : ''" />
    <ElButton type="primary" @click="leave">Leave it</ElButton>
  </PopPanel>
</template>
