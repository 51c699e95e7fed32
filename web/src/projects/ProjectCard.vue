<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import type { ProjectOverview } from '@nolvex/core/review/overview'
import { paintTop } from '../ledger/paintPicture'
import type { PageTop } from '../ledger/pictureWorker'
import { api, type ProjectSummary } from '../session/api'
import { MarkGroup } from '../vector/MarkGroup'
import { stages } from '../stages/stages'

/** A project in the list: a picture of its home page, how far its stages are, and what can be done with it. */
const props = defineProps<{ project: ProjectSummary; isBusy: boolean }>()
const emit = defineEmits<{ copy: []; delete: [] }>()
/** height of the picture for its width */
const RATIO = 0.6
const card = ref<HTMLElement>()
const isSeen = useElementVisibility(card)
const overview = shallowRef<ProjectOverview>()
const picture = shallowRef<PageTop>()

// What a project holds is asked for when its card is seen; without an answer the card says what the list says.
const stop = watch(
  isSeen,
  (seen) => {
    if (!seen) return
    void read()
    queueMicrotask(() => stop())
  },
  { immediate: true },
)

async function read() {
  try {
    overview.value = await api.overview(props.project.id)
    const { home } = overview.value
    if (!home) return
    const page = { sources: home.sources, project: props.project.id }
    picture.value = await paintTop(page, home.band, home.width, Math.round(home.width * RATIO))
  } catch {
    overview.value = undefined
  }
}

const line = computed(() => {
  const { profile, pages = 0, drawable = 0, done = {} } = overview.value ?? {}
  return stages
    .filter(({ name }) => !profile || profile.includes(name))
    .map(({ name, label }) => {
      if (name === 'map')
        return { label, share: pages ? 1 : 0, words: pages === 1 ? '1 page' : `${pages} pages` }
      if (name === 'grid')
        return { label, share: pages ? 1 : 0, words: `${overview.value?.bands ?? 0} bands` }
      const ready = done[name] ?? 0
      const words = ready ? `${ready} of ${drawable}` : 'not begun'
      return { label, share: drawable ? ready / drawable : 0, words }
    })
})

const dated = (iso: string) =>
  new Date(iso).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
</script>

<template>
  <li ref="card" class="card">
    <RouterLink
      class="picture"
      :to="{ name: 'ledger', params: { project: project.id } }"
      tabindex="-1"
      aria-hidden="true"
    >
      <svg v-if="picture" :viewBox="`0 0 ${picture.width} ${picture.height}`">
        <rect :width="picture.width" :height="picture.height" :fill="picture.ground" />
        <MarkGroup v-for="group in picture.groups" :key="group.key" :group="group" />
      </svg>
      <span v-else-if="overview" class="soft">Its home page is not drawn yet</span>
    </RouterLink>
    <h2>
      <RouterLink :to="{ name: 'ledger', params: { project: project.id } }" dir="auto">{{
        project.name
      }}</RouterLink>
    </h2>
    <p class="soft">Changed {{ dated(project.updatedAt) }}, begun {{ dated(project.createdAt) }}</p>
    <ol class="line" aria-label="How far its stages are">
      <li v-for="{ label, share, words } in line" :key="label" :title="`${label}: ${words}`">
        <span class="mark" aria-hidden="true"><span :style="{ width: `${share * 100}%` }" /></span>
        <span class="label">{{ label }}</span>
        <span class="visually-hidden">: {{ words }}</span>
      </li>
    </ol>
    <p v-if="overview" class="soft">
      {{ overview.pages === 1 ? '1 page' : `${overview.pages} pages` }}, {{ overview.done.wireframe ?? 0 }} of
      {{ overview.drawable }} drawn
    </p>
    <footer>
      <ElButton tag="a" link :href="`/api/projects/${project.id}/file`">Take away</ElButton>
      <ElButton link :disabled="isBusy" @click="emit('copy')">Duplicate</ElButton>
      <ElButton link :aria-label="`Delete ${project.name}…`" @click="emit('delete')">Delete…</ElButton>
    </footer>
  </li>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  align-content: start;
  padding: 12px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.picture {
  display: grid;
  place-items: center;
  height: 168px;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--hairline);
  text-decoration: none;
}
.picture svg {
  display: block;
  align-self: start;
  width: 100%;
}
h2 a {
  color: var(--ink);
  overflow-wrap: anywhere;
}
h2 a:hover {
  color: var(--pine);
}
.line {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(30px, 1fr));
  gap: 2px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}
.line li {
  display: grid;
  gap: 2px;
  overflow: hidden;
}
.mark {
  height: 6px;
  border: 1px solid var(--soft);
}
.mark span {
  display: block;
  height: 100%;
  background: var(--pine);
}
.label {
  overflow: hidden;
  color: var(--soft);
  font-size: 10px;
  line-height: 14px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
footer {
  display: flex;
  gap: 14px;
  margin-top: 4px;
}
</style>
