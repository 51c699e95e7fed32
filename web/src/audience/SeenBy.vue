<script setup lang="ts">
import { ElButton, ElProgress } from 'element-plus'
import { proxy } from 'comlink'
import { onScopeDispose, ref, shallowRef, toRaw, watch } from 'vue'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { useProject } from '../session/projectStore'
import { startAudienceWorker } from './startAudienceWorker'
import { percent, useAudience } from './useAudience'

/** What share of the audience sees a block without scrolling, each in their own window. */
const props = defineProps<{ drawing: DrawingDocument; block: string }>()
const project = useProject()
const { sizes } = useAudience()
const seen = shallowRef<Map<string, number>>()
const progress = ref<number>()
const trouble = ref('')
let end: (() => void) | undefined

function stop() {
  end?.()
  end = undefined
  progress.value = undefined
}

/** What was worked out holds for one state of the drawing, the site and the style. */
watch([() => props.drawing, () => project.site, () => project.style, () => project.around], () => {
  stop()
  seen.value = undefined
})
onScopeDispose(stop)

async function work() {
  stop()
  trouble.value = ''
  progress.value = 0
  const worker = startAudienceWorker()
  end = worker.end
  const sources = project.sources(props.drawing.id)
  const report = proxy((done: number) => (progress.value = done))
  try {
    seen.value = await worker.remote.visibility(sources, toRaw(sizes.value), project.id, report)
  } catch (error) {
    trouble.value = `It could not be worked out: ${(error as Error).message} Try again.`
  }
  stop()
}
</script>

<template>
  <div v-if="sizes.length" class="seen-by" role="status">
    <template v-if="seen">
      Seen without scrolling by <b>{{ percent(seen.get(block) ?? 0) }}</b> of visitors
    </template>
    <template v-else-if="progress !== undefined">
      <ElProgress :percentage="Math.round(progress * 100)" aria-label="Laying the page out for everybody" />
      <ElButton link @click="stop">Cancel</ElButton>
    </template>
    <template v-else>
      <p v-if="trouble" class="trouble-text">{{ trouble }}</p>
      <ElButton link @click="work">Who sees it without scrolling?</ElButton>
    </template>
  </div>
</template>

<style scoped>
.seen-by {
  margin-top: 8px;
}
progress {
  width: 120px;
}
</style>
