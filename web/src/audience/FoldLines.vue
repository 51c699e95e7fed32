<script setup lang="ts">
import { ElButton } from 'element-plus'
import { watchDebounced } from '@vueuse/core'
import { onScopeDispose, ref, shallowRef, toRaw } from 'vue'
import { FOLD_PARTS, type FoldLine } from '@nolvex/core/review/fold/foldReport'
import { useDraftingPage } from '../drafting/useDraftingPage'
import { useProject } from '../session/projectStore'
import { startAudienceWorker } from './startAudienceWorker'
import { percent, useAudience } from './useAudience'

/** What share of the audience sees the page's headline, its main action and what follows, and what is in the way. */
const project = useProject()
const page = useDraftingPage()
const { sizes } = useAudience()
const lines = shallowRef<FoldLine[]>()
const trouble = ref('')
let end: (() => void) | undefined

watchDebounced(
  [page.page, () => project.view.documents, sizes],
  async () => {
    end?.()
    if (sizes.value.length === 0) return
    const worker = startAudienceWorker()
    end = worker.end
    try {
      lines.value = await worker.remote.fold(project.sources(page.page.value), toRaw(sizes.value), project.id)
      trouble.value = ''
    } catch (error) {
      trouble.value = `It could not be worked out: ${(error as Error).message}`
    }
    worker.end()
  },
  { immediate: true, debounce: 300 },
)
onScopeDispose(() => end?.())
</script>

<template>
  <p v-if="!sizes.length" class="soft">
    Bring in the sizes of your visitors’ windows, and it says here who sees what.
    <RouterLink :to="{ name: 'grid', params: { project: project.id, view: 'audience' } }"
      >Audience</RouterLink
    >
  </p>
  <p v-else-if="trouble" class="trouble-text">{{ trouble }}</p>
  <p v-else-if="!lines" class="soft" role="status">Laying the page out for everybody…</p>
  <ul v-else>
    <li v-for="{ part, key, share, inTheWay } in lines" :key="part">
      <b>{{ percent(share) }}</b> see
      <ElButton link @click="page.select([key])">{{ FOLD_PARTS[part].toLowerCase() }}</ElButton>
      <span v-if="inTheWay" class="soft">
        {{ inTheWay.name }} ({{ inTheWay.height }} px) is in the way at {{ inTheWay.window.width }} ×
        {{ inTheWay.window.height }}
      </span>
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 4px 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 3px 0;
  border-bottom: 1px dotted var(--edge);
}
a {
  color: var(--pine);
}
</style>
