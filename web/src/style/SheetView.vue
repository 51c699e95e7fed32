<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { writeDtcg } from '@nolvex/core/formats/tokens/dtcgWriter'
import { writePalette } from '@nolvex/core/formats/tokens/palette'
import { writeTokensCss } from '@nolvex/core/formats/tokens/tokensCss'
import { guideSheets } from '@nolvex/core/paint/guideSheets'
import { PAPERS, type PaperName } from '@nolvex/core/paint/paper'
import { pathFromTitle } from '@nolvex/core/site/address'
import { rootFontSize, usualEnvironment } from '@nolvex/core/units/environment'
import AlternativesDialog from '../alternatives/AlternativesDialog.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { saveFile } from '../forms/saveFile'
import TroubleNote from '../forms/TroubleNote.vue'
import { useFontLibrary } from '../fonts/useFontLibrary'
import SheetPicture from '../grid/SheetPicture.vue'
import { assetAddress } from '../session/api'
import { useExport } from '../session/useExport'
import StageAgreement from '../versions/StageAgreement.vue'
import { useVersions } from '../versions/versionStore'
import { useGuide } from './useGuide'

/** The guide on pages fit to send, its tokens as files, and who approved it. */
const { project } = useGuide()
const versions = useVersions()
const { running, trouble, take, cancel } = useExport()
const paper = ref<PaperName>('A4')
const isOnAlternatives = ref(false)
const today = new Date().toISOString().slice(0, 10)
const base = computed(() => pathFromTitle(project.name) || 'site')
const library = useFontLibrary()
const sheets = computed(() =>
  library.value
    ? guideSheets({ style: project.style, site: project.site }, library.value, {
        paper: paper.value,
        title: project.name,
        date: today,
        approved: approval.value,
        fileAddress: (asset) => assetAddress(project.id, asset),
      })
    : [],
)
const approval = computed(() => {
  const gate = versions.gates.style
  return gate && { by: gate.version.approvals.map(({ name }) => name), changedSince: gate.since.length > 0 }
})
const papers = Object.fromEntries(Object.keys(PAPERS).map((name) => [name, name])) as Record<
  PaperName,
  string
>
const takeSheet = (file: 'pdf' | 'svg' | 'html') =>
  take(`The style guide as ${file.toUpperCase()}`, { format: 'guide', file, paper: paper.value, date: today })

const root = computed(() =>
  rootFontSize({ ...usualEnvironment, rootSize: project.site.records.settings.site.rootSize ?? 100 }),
)
const saveDtcg = () => saveFile(`${base.value}.tokens.json`, writeDtcg(project.style), 'application/json')
const saveCss = () =>
  saveFile(`${base.value}-tokens.css`, writeTokensCss(project.style, root.value), 'text/css')
const savePalette = () =>
  saveFile(`${base.value}.gpl`, writePalette(project.style, project.name), 'text/plain')
</script>

<template>
  <div class="board sheets" tabindex="0" aria-label="Sheets of the style guide">
    <p v-if="sheets.length === 0" role="status">The fonts are loading…</p>
    <SheetPicture v-for="sheet in sheets" :key="sheet.title" :sheet="sheet" />
  </div>
  <aside class="side-panel" aria-label="Approval and files">
    <StageAgreement stage="style" words="approved" name="Style guide approved" />
    <ElButton class="alternatives" @click="isOnAlternatives = true">Alternatives of the guide…</ElButton>
    <AlternativesDialog v-if="isOnAlternatives" v-model="isOnAlternatives" :of="{}" what="the style guide" />
    <h3>Take the sheet away</h3>
    <ChoiceField label="Paper" :value="paper" :choices="papers" @change="paper = $event ?? 'A4'" />
    <div class="files">
      <ElButton :disabled="!!running" @click="takeSheet('pdf')">PDF</ElButton>
      <ElButton :disabled="!!running" @click="takeSheet('svg')">SVG</ElButton>
      <ElButton
        :disabled="!!running"
        title="One page that needs nothing else, with logos and tokens to keep"
        @click="takeSheet('html')"
        >HTML</ElButton
      >
    </div>
    <p v-if="running" role="status">{{ running.label }}… <ElButton link @click="cancel">Cancel</ElButton></p>
    <TroubleNote :says="trouble" />
    <h3>Take the tokens away</h3>
    <div class="files">
      <ElButton title="Design tokens, as other programs read them" @click="saveDtcg">DTCG</ElButton>
      <ElButton title="Custom properties for a style sheet" @click="saveCss">CSS</ElButton>
      <ElButton title="A palette for drawing programs" @click="savePalette">GPL</ElButton>
    </div>
  </aside>
</template>

<style scoped>
.sheets {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.sheets > * {
  flex: none;
}
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
