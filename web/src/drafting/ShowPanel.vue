<script setup lang="ts">
import { ElButton, ElCheckbox, ElCollapse, ElCollapseItem } from 'element-plus'
import { computed } from 'vue'
import { OVERLAYS, type OverlayName } from '@nolvex/core/site/gridPlan'
import { HINT_KINDS } from '@nolvex/core/snap/hint'
import PopPanel from '../forms/PopPanel.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import FilePick from '../forms/FilePick.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { OVERLAY_KEYS, TAGS, useOverlays } from '../grid/useOverlays'
import { useViewport } from '../screens/useViewport'
import { useProject } from '../session/projectStore'
import { PICTURE_TYPES } from '../pictures/pictureTypes'
import { useDraftingPage } from './useDraftingPage'
import { useSpacingStep } from './useSpacingStep'
import { useUnderlay } from './useUnderlay'

/** What is shown over and around the page: lines, rulers, the browser frame, folds; and what blocks snap to. */
const page = useDraftingPage()
const project = useProject()
const { shown, tags, rulers, boxes, overview, spacing, hints } = useOverlays()
const { chosen, choose, screens, frames, screen, frame, viewport } = useViewport()
const names = Object.keys(OVERLAYS) as OverlayName[]

const WORDS = { copy: 'Real copy', placeholder: 'Placeholders of its length', lines: 'Lines' } as const
const setWords = (words: keyof typeof WORDS | undefined) =>
  project.setSite('Change what words stand', 'settings', 'site', ['words'], words)

const screenChoices = computed(() =>
  Object.fromEntries(
    screens.value.map(({ key, name, width, height }) => [key, `${name} ${width} × ${height}`]),
  ),
)
const frameChoices = computed(() => Object.fromEntries(frames.value.map(({ key, name }) => [key, name])))

function setScreen(key: string | undefined) {
  if (!key) return
  choose({ screen: key })
  fit()
}
/** Draws the page as wide as the frame leaves it. */
function fit() {
  if (viewport.value) page.width.value = Math.min(1920, Math.max(320, viewport.value.width))
}
function setFramed(isFramed: boolean) {
  choose({ isFramed })
  if (isFramed) fit()
}
const step = useSpacingStep()
const scan = useUnderlay(page)
const { underlay } = scan
/** Makes the picture as wide as typed, its height with it. */
function widen(px: number | undefined) {
  if (!underlay.value || px === undefined || px < 1 || px > 20_000) return
  const height = Math.min(100_000, Math.max(1, (underlay.value.height * px) / underlay.value.width))
  scan.change({ width: px, height })
}
const strengthen = (percent: number | undefined) =>
  percent !== undefined && scan.change({ strength: Math.min(100, Math.max(5, Math.round(percent))) })

const toggleFold = (key: string) =>
  choose({
    folds: chosen.value.folds.includes(key)
      ? chosen.value.folds.filter((one) => one !== key)
      : [...chosen.value.folds, key],
  })
</script>

<template>
  <PopPanel words="Show…" :width="320">
    <div class="show">
      <h3>Lines</h3>
      <div class="two">
        <ElCheckbox v-for="name in names" :key="name" v-model="shown[name]"
          >{{ OVERLAYS[name] }} <kbd>{{ OVERLAY_KEYS[name] }}</kbd></ElCheckbox
        >
        <ElCheckbox v-model="rulers">Rulers <kbd>U</kbd></ElCheckbox>
        <ElCheckbox v-model="boxes">Outlines of boxes <kbd>X</kbd></ElCheckbox>
        <ElCheckbox v-model="spacing">Gaps and padding <kbd>J</kbd></ElCheckbox>
        <ElCheckbox v-model="overview">Overview <kbd>Y</kbd></ElCheckbox>
      </div>
      <h3>On blocks</h3>
      <div class="two">
        <ElCheckbox v-for="({ words, key }, name) in TAGS" :key="name" v-model="tags[name]"
          >{{ words }} <kbd>{{ key }}</kbd></ElCheckbox
        >
      </div>
      <ChoiceField
        label="Where words stand"
        :value="project.site.records.settings.site.words ?? 'copy'"
        :choices="WORDS"
        @change="setWords"
      />
      <h3>Screen and browser</h3>
      <ChoiceField label="Screen" :value="screen.key" :choices="screenChoices" @change="setScreen" />
      <ChoiceField
        label="Browser frame"
        :value="frame.key"
        :choices="frameChoices"
        @change="$event && choose({ frame: $event })"
      />
      <p v-if="viewport" class="soft">
        Leaves {{ viewport.width }} × {{ viewport.height
        }}<template v-if="viewport.scrollBar">, {{ viewport.pageWidth }} beside the scroll bar</template>.
      </p>
      <p v-else class="trouble-text">This frame leaves nothing of this screen.</p>
      <div class="two">
        <ElCheckbox :model-value="chosen.isFramed" @change="setFramed($event as boolean)"
          >Browser frame <kbd>M</kbd></ElCheckbox
        >
        <ElCheckbox :model-value="chosen.scrollBars" @change="choose({ scrollBars: $event as boolean })"
          >Scroll bar</ElCheckbox
        >
      </div>
      <ElCollapse>
        <ElCollapseItem title="Folds of other screens too">
          <ElCheckbox
            v-for="one in screens"
            :key="one.key"
            :model-value="chosen.folds.includes(one.key)"
            @change="toggleFold(one.key)"
            >{{ one.name }}</ElCheckbox
          >
        </ElCollapseItem>
      </ElCollapse>
      <h3>Picture under the drawing</h3>
      <template v-if="underlay">
        <div class="four">
          <FigureField label="left" :value="underlay.x" @change="scan.change({ x: $event ?? 0 })" />
          <FigureField label="top" :value="underlay.y" @change="scan.change({ y: $event ?? 0 })" />
          <FigureField label="wide" :value="underlay.width" @change="widen" />
          <FigureField label="strength, %" :value="underlay.strength" @change="strengthen" />
        </div>
        <ElCheckbox
          :model-value="underlay.isBeside ?? false"
          @change="scan.change({ isBeside: ($event as boolean) || undefined })"
          >Beside the page</ElCheckbox
        >
        <div class="acts">
          <ElButton @click="scan.beginScaling">Scale by two points…</ElButton>
          <ElButton link @click="scan.takeAway">Take it away</ElButton>
        </div>
      </template>
      <FilePick v-else words="Lay a scan under the page…" :accept="PICTURE_TYPES" @files="scan.lay" />
      <TroubleNote :says="scan.trouble.value" />
      <h3>Spacing</h3>
      <FigureField
        label="Step of nudging with Shift, and of sizes, px"
        :value="step"
        @change="$event !== undefined && $event >= 1 && $event <= 400 && (step = $event)"
      />
      <h3>Hints while one moves a block</h3>
      <p class="soft">Hold F to hold them off.</p>
      <div class="two">
        <ElCheckbox v-for="(words, kind) in HINT_KINDS" :key="kind" v-model="hints[kind]">{{
          words
        }}</ElCheckbox>
      </div>
    </div>
  </PopPanel>
</template>

<style scoped>
.show {
  display: grid;
  gap: 8px;
  max-height: 70vh;
  overflow: auto;
}
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px;
}
.acts {
  display: flex;
  gap: 6px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
}
.show :deep(.el-collapse-item__content) {
  display: grid;
}
kbd {
  color: var(--soft);
  font: inherit;
  font-size: 11px;
}
</style>
