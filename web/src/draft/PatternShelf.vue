<script setup lang="ts">
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import { inOrder } from '@nolvex/core/document/tree'
import { contentFor } from '@nolvex/core/draft/contentFor'
import { PATTERN_GROUPS, usualChoice, type Chosen, type Pattern } from '@nolvex/core/draft/pattern'
import { patterns } from '@nolvex/core/draft/patterns'
import { placePieces } from '@nolvex/core/draft/placePieces'
import { copyBlocks } from '@nolvex/core/edit/blockChanges'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import type { Page } from '@nolvex/core/site/page'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import PatternCard from './PatternCard.vue'
import PatternParameters from './PatternParameters.vue'
import PlatformLimits from './PlatformLimits.vue'
import PatternPicture from './PatternPicture.vue'
import { patternsFound } from './patternsFound'
import { useDrafting } from './useDrafting'

/** Section patterns, each as a small drawing, with what can be chosen of the one that is looked at. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ page: Page }>()
const emit = defineEmits<{ put: [label: string, blocks: Block[]] }>()
const project = useProject()
const { sources } = useDrafting()
const typed = ref('')
const looked = shallowRef<Pattern>(patterns[0])
const chosen = ref<Chosen>(usualChoice(patterns[0]))
watch(looked, (pattern) => (chosen.value = usualChoice(pattern)))

const offered = computed(() => {
  const { without = {} } = project.site.records.settings.site
  return patterns.filter(({ id }) => !without[id])
})
const found = computed(() => patternsFound(offered.value, typed.value))
const groups = computed(() =>
  Object.entries(PATTERN_GROUPS)
    .map(([group, label]) => ({ label, list: found.value.filter((one) => one.group === group) }))
    .filter(({ list }) => list.length > 0),
)
const bands = computed(() => bandsOf(project.site))
const lead = computed(
  () => bands.value.inOrder.find(({ id }) => id === bands.value.lead) ?? bands.value.inOrder[0],
)

function blocksOf(pattern: Pattern, choice: Chosen): Block[] {
  const content = contentFor(sources(), props.page, { name: pattern.label, pattern, chosen: choice })
  return placePieces(pattern.make(content, choice), bands.value, newId)
}
/** Drawn once: ids are new each time. */
const small = computed(() => new Map(patterns.map((one) => [one.id, blocksOf(one, usualChoice(one))])))
/** Patterns of the project's own, as they were kept. */
const own = computed(() =>
  inOrder(Object.values(project.style.records.patterns)).flatMap(({ id, name, root }) => {
    const blocks = project.drawing(id)?.records.blocks
    return blocks?.[root] ? [{ id, label: name, blocks: copyBlocks(blocks, [root], newId)[0] }] : []
  }),
)
const ownLooked = ref<string>()
const large = computed(
  () => own.value.find(({ id }) => id === ownLooked.value)?.blocks ?? blocksOf(looked.value, chosen.value),
)
const title = computed(() => own.value.find(({ id }) => id === ownLooked.value)?.label ?? looked.value.label)
function look(pattern: Pattern) {
  looked.value = pattern
  ownLooked.value = undefined
}
const isLimiting = ref(false)

function put() {
  emit('put', `Put ${title.value.toLowerCase()}`, large.value)
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Section patterns" width="1080" top="5vh">
    <div class="shelf">
      <div class="list">
        <ElInput v-model="typed" aria-label="Find a pattern" placeholder="Find by word: hero, prices, faq…" />
        <p v-if="found.length === 0" class="soft">No pattern goes by that word.</p>
        <section v-if="own.length && !typed">
          <h3>Your own</h3>
          <div class="cards">
            <PatternCard
              v-for="one in own"
              :key="one.id"
              :label="one.label"
              :blocks="one.blocks"
              :band="lead"
              :is-looked="one.id === ownLooked"
              @look="ownLooked = one.id"
              @put="put"
            />
          </div>
        </section>
        <section v-for="{ label, list } in groups" :key="label">
          <h3>{{ label }}</h3>
          <div class="cards">
            <PatternCard
              v-for="pattern in list"
              :key="pattern.id"
              :label="pattern.label"
              :blocks="small.get(pattern.id) ?? []"
              :band="lead"
              :is-looked="pattern === looked && !ownLooked"
              :data-pattern="pattern.id"
              @look="look(pattern)"
              @put="put"
            />
          </div>
        </section>
      </div>
      <div class="looked">
        <h3 dir="auto">{{ title }}</h3>
        <p v-if="ownLooked" class="soft">A section of this project, put as it was kept.</p>
        <template v-else>
          <p class="soft">Expects {{ looked.expects }}.</p>
          <PatternParameters :pattern="looked" :chosen="chosen" @change="chosen = $event" />
        </template>
        <div class="bands">
          <figure
            v-for="band in [...bands.inOrder].reverse()"
            :key="band.id"
            :class="{ narrow: band.drawnAt < 600 }"
          >
            <PatternPicture
              :blocks="large"
              :band="band.id"
              :width="band.drawnAt"
              :label="`${title} at ${band.name}`"
            />
            <figcaption class="soft">{{ band.name }}, {{ band.drawnAt }} px</figcaption>
          </figure>
        </div>
        <div class="do">
          <ElButton type="primary" @click="put">Put it on the page</ElButton>
          <ElButton link @click="isLimiting = true">What the platform can build…</ElButton>
        </div>
      </div>
    </div>
    <PlatformLimits v-model="isLimiting" />
  </ElDialog>
</template>

<style scoped>
.shelf {
  display: flex;
  gap: 24px;
  height: 74vh;
}
.list {
  flex: 1;
  overflow: auto;
}
h3 {
  margin: 14px 0 6px;
}
.looked h3 {
  margin-top: 0;
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
  gap: 10px;
}
.looked {
  display: flex;
  flex: 0 0 380px;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
}
.do {
  display: flex;
  gap: 12px;
  align-items: center;
}
.bands {
  display: flex;
  flex: 1;
  flex-wrap: wrap;
  gap: 12px;
  align-content: start;
  min-height: 0;
  overflow: auto;
  padding: 2px;
}
figure {
  flex: 0 0 100%;
  margin: 0;
}
figure.narrow {
  flex-basis: 120px;
}
figure :deep(svg) {
  box-shadow: 0 0 0 1px var(--hairline);
}
figcaption {
  margin-top: 3px;
  font-size: 11px;
}
</style>
