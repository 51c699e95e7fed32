<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, nextTick } from 'vue'
import type { Lack, Unfinished } from '@nolvex/core/review/mockup/unfinished'
import { tooFewPixels } from '@nolvex/core/review/mockup/sharpness'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import TroubleNote from '../../forms/TroubleNote.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import { useMakingUp } from '../useMakingUp'
import { usePictureContrast } from '../usePictureContrast'
import WordsToWrite from './WordsToWrite.vue'

/** What the page still lacks to be a mockup, each with the way to where it is mended. */
const project = useProject()
const page = useDraftingPage()

const TITLES: Record<Lack, string> = {
  picture: 'Pictures',
  words: 'Words',
  part: 'The style guide',
  tokens: 'Values of its own',
}
const groups = computed(() =>
  (Object.keys(TITLES) as Lack[])
    .map((lack) => ({
      lack,
      title: TITLES[lack],
      found: (page.lacks.value ?? []).filter((one) => one.lack === lack),
    }))
    .filter(({ found }) => found.length),
)
const soft = computed(() => (page.layout.value ? tooFewPixels(page.layout.value) : []))
const { found: overPictures } = usePictureContrast(page)
const faint = computed(() => overPictures.value.filter(({ least, wanted }) => least < wanted))
/** Views of the style guide that mend what is not the page's own. */
const VIEWS: Partial<Record<Lack, { view: string; words: string }>> = {
  part: { view: 'parts', words: 'Dress it in Parts' },
  tokens: { view: 'loose', words: 'Look at them in Taking over' },
}
const inStyle = (view: string) => ({ name: 'style', params: { project: project.id, view } })
const { made, trouble, makeUp } = useMakingUp(page)
/** Blocks of the page's own: those of originals and rows get their pictures where these are. */
const toMakeUp = computed(() =>
  (page.lacks.value ?? []).flatMap(({ lack, key }) =>
    lack === 'picture' && key && page.placed.value.has(key) ? [key] : [],
  ),
)
/** Texts that stand on the page at this width; the others are only led to. */
const toWrite = computed(() =>
  (page.lacks.value ?? []).flatMap(({ lack, key }) =>
    lack === 'words' && key && page.placed.value.get(key)?.box.node.content.type === 'text' ? [key] : [],
  ),
)
/** The page after this one, so that one goes through the site from here. */
const next = computed(() => {
  const pages = pagesInOrder(project.site.records.pages).filter(({ page: one }) => one.kind !== 'external')
  return pages[pages.findIndex(({ page: one }) => one.id === page.page.value) + 1]?.page
})

/** Shows where it is; what stands in a copy is mended in its original. */
async function show({ key }: Unfinished) {
  if (!key) return
  const copy = [...page.placed.value.keys()].find((one) => key.startsWith(`${one}-`))
  if (copy && !page.placed.value.has(key)) page.enter(copy)
  await nextTick()
  page.select([key])
}
</script>

<template>
  <p v-if="!page.lacks.value" class="soft" role="status">Looking…</p>
  <p v-else-if="groups.length + soft.length + faint.length === 0" class="soft">
    Nothing is missing: every picture and text is there, every block is dressed by the style guide, and every
    value names a token.
  </p>
  <section v-if="soft.length">
    <h3>Sharpness at {{ page.band.value.name }}</h3>
    <ul>
      <li v-for="one in soft" :key="one.key">
        <ElButton link class="lack" @click="page.select([one.key])"
          >{{ one.name }}: {{ one.shown }} px wide, has {{ one.has }},
          {{ one.isEnlarged ? 'enlarged past its pixels' : 'too few for screens at 2×' }}.</ElButton
        >
      </li>
    </ul>
  </section>
  <section v-if="faint.length">
    <h3>Words over pictures at {{ page.band.value.name }}</h3>
    <ul>
      <li v-for="one in faint" :key="one.key">
        <ElButton link class="lack" @click="page.select([one.key])"
          >{{ one.name }}: {{ one.least.toFixed(1) }} to 1 at its weakest, {{ one.wanted }} wanted.</ElButton
        >
      </li>
    </ul>
  </section>
  <section v-for="{ lack, title, found } in groups" :key="lack">
    <h3>{{ title }}</h3>
    <template v-if="lack === 'picture' && toMakeUp.length">
      <ElButton v-if="made === undefined" @click="makeUp(toMakeUp)"
        >Make up {{ toMakeUp.length === 1 ? 'it' : `all ${toMakeUp.length}` }}</ElButton
      >
      <p v-else role="status" class="soft">{{ made }} of {{ toMakeUp.length }} are drawn…</p>
      <TroubleNote :says="trouble" />
    </template>
    <template v-if="lack === 'words' && toWrite.length">
      <p class="soft">Write here: Enter keeps one and goes on to the next.</p>
      <WordsToWrite :keys="toWrite" />
    </template>
    <ul>
      <li v-for="one in found.filter(({ key }) => !key || !toWrite.includes(key))" :key="one.key ?? one.says">
        <ElButton v-if="one.key" link class="lack" @click="show(one)">{{ one.says }}</ElButton>
        <template v-else>
          {{ one.says }}
          <RouterLink v-if="VIEWS[one.lack]" :to="inStyle(VIEWS[one.lack]!.view)">{{
            VIEWS[one.lack]!.words
          }}</RouterLink>
        </template>
      </li>
    </ul>
  </section>
  <RouterLink
    v-if="next"
    class="next"
    :to="{ name: 'mockup', params: { project: project.id, page: next.id } }"
    >Next page: {{ next.title || 'Untitled' }}</RouterLink
  >
</template>

<style scoped>
h3 {
  margin: 6px 0 2px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 4px 0;
  border-bottom: 1px dotted var(--edge);
}
.next {
  padding: 12px 0;
}
.lack {
  height: auto;
  white-space: normal;
  text-align: left;
}
a {
  color: var(--pine);
}
</style>
