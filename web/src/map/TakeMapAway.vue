<script setup lang="ts">
import { ElButton, ElCheckbox, ElDialog } from 'element-plus'
import { computed, reactive } from 'vue'
import { pathFromTitle } from '@nolvex/core/site/address'
import { writeCheckList } from '@nolvex/core/formats/checkList'
import { writeContentCsv } from '@nolvex/core/formats/contentCsv'
import { writeIndentedText } from '@nolvex/core/formats/indentedText'
import { writeOpml } from '@nolvex/core/formats/opml'
import { writePagesCsv } from '@nolvex/core/formats/pagesCsv'
import { PAPERS, type PaperName } from '@nolvex/core/paint/paper'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import TroubleNote from '../forms/TroubleNote.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { saveFile } from '../forms/saveFile'
import { useProject } from '../session/projectStore'
import { download, useExport } from '../session/useExport'
import { useMap } from './mapStore'

/** The map as files: a sheet for the proposal, and lists other programs read. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const map = useMap()
const { running, trouble, take, cancel } = useExport()

const sheet = reactive({ paper: 'A3' as PaperName, menus: true, sections: true })
const base = computed(() => pathFromTitle(project.name) || 'site')
const outline = computed(() =>
  pagesInOrder(map.pages).map(({ page, depth }) => ({ title: page.title || 'Untitled', depth })),
)
const address = computed(() => map.site.settings.site?.address ?? 'https://www.example.com')

const LISTS = [
  {
    label: 'Indented list',
    words: 'Titles as they stand in the tree',
    save: () => saveFile(`${base.value}-pages.txt`, writeIndentedText(outline.value), 'text/plain'),
  },
  {
    label: 'Addresses',
    words: 'One a line, from the root of the site',
    save: () =>
      saveFile(`${base.value}-addresses.txt`, [...map.addresses.values()].join('\n') + '\n', 'text/plain'),
  },
  {
    label: 'Table of pages',
    words: 'CSV with parents, states, purposes and sections',
    save: () => saveFile(`${base.value}-pages.csv`, writePagesCsv(map.site), 'text/csv'),
  },
  {
    label: 'Outline',
    words: 'OPML 2.0',
    save: () => saveFile(`${base.value}.opml`, writeOpml(project.name, outline.value), 'text/x-opml'),
  },
  {
    label: 'sitemap.xml',
    words: 'For search engines; several files above 50,000 addresses',
    save: () => download(`/api/projects/${project.id}/sitemap.xml`),
  },
  {
    label: 'Check list',
    words: 'Markdown: pages with what is still to do',
    save: () =>
      saveFile(
        `${base.value}-check-list.md`,
        writeCheckList(project.name, map.site, Object.values(project.content.records.items)),
        'text/markdown',
      ),
  },
  {
    label: 'Content inventory',
    words: 'CSV by number',
    save: () =>
      saveFile(
        `${base.value}-content.csv`,
        writeContentCsv(map.site, project.content.records.items),
        'text/csv',
      ),
  },
]

function takeSheet(label: string, file: 'pdf' | 'svg' | 'png') {
  void take(label, {
    format: 'map',
    file,
    ...sheet,
    direction: map.look.direction,
    connectors: map.look.connectors,
    heavy: map.look.heavy,
    ...(map.journey && map.site.journeys[map.journey] ? { journey: map.journey } : {}),
    date: new Date().toISOString().slice(0, 10),
  })
}
const papers = Object.fromEntries(Object.keys(PAPERS).map((name) => [name, name])) as Record<
  PaperName,
  string
>
</script>

<template>
  <ElDialog v-model="open" title="Take the map away" width="640">
    <section>
      <h3>A sheet for the proposal</h3>
      <p class="soft">
        The tree as it is drawn now, with title block, legend, date and the journey that is shown on it; on
        several sheets when it is large.
      </p>
      <div class="options">
        <ChoiceField
          label="Paper"
          :value="sheet.paper"
          :choices="papers"
          @change="sheet.paper = $event ?? 'A3'"
        />
        <ElCheckbox v-model="sheet.sections">Sections on the cards</ElCheckbox>
        <ElCheckbox v-model="sheet.menus">Menus as trees</ElCheckbox>
      </div>
      <div class="options">
        <ElButton type="primary" :disabled="running !== undefined" @click="takeSheet('PDF', 'pdf')">
          PDF
        </ElButton>
        <ElButton :disabled="running !== undefined" @click="takeSheet('SVG', 'svg')">SVG</ElButton>
        <ElButton :disabled="running !== undefined" @click="takeSheet('PNG', 'png')">PNG</ElButton>
        <span v-if="running" role="status">
          Making the {{ running.label }}… <ElButton link @click="cancel">Cancel</ElButton>
        </span>
      </div>
      <TroubleNote :says="trouble" />
    </section>
    <section>
      <h3>Lists</h3>
      <ul>
        <li v-for="list in LISTS" :key="list.label">
          <ElButton @click="list.save">{{ list.label }}</ElButton>
          <span class="soft">{{ list.words }}</span>
        </li>
      </ul>
      <p v-if="!map.site.settings.site?.address" class="soft">
        sitemap.xml stands for {{ address }} until the brief says where the site will stand.
      </p>
    </section>
  </ElDialog>
</template>

<style scoped>
section + section {
  margin-top: 20px;
}
.options {
  display: flex;
  gap: 16px;
  align-items: end;
  margin-top: 8px;
}
ul {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 12px;
  align-items: center;
  padding: 3px 0;
}
</style>
