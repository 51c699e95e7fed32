<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import { FRAME_PARTS, type FramePart, type FramePartName, type FrameSide } from '@nolvex/core/viewport/frame'
import { cutText } from '@nolvex/core/text/cutText'
import ColourPicker from '../forms/ColourPicker.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import BrowserTabs from './BrowserTabs.vue'
import FrameFromPicture from './FrameFromPicture.vue'
import { useViewport } from './useViewport'
import ViewportPicture from './ViewportPicture.vue'

/** Screens and browser frames, and what they leave for a page. */
const project = useProject()
const { chosen, choose, screens, frames, screen, frame, viewport } = useViewport()
const isTaking = ref(false)
const trouble = ref('')

const screenChoices = computed(() =>
  Object.fromEntries(
    screens.value.map(({ key, name, width, height, own }) => [
      key,
      `${name} ${width} × ${height}${own ? ' · yours' : ''}`,
    ]),
  ),
)
const frameChoices = computed(() =>
  Object.fromEntries(frames.value.map(({ key, name, own }) => [key, own ? `${name} · yours` : name])),
)
const SIDES: Record<FrameSide, string> = {
  top: 'at the top',
  right: 'at the right',
  bottom: 'at the foot',
  left: 'at the left',
}

type Collection = 'screens' | 'frames'
/** Keeps a copy of what is chosen as the project's own, which can be changed. */
function keep(collection: Collection, fields: Record<string, Json>, name: string) {
  const id = newId()
  const others = inOrder<{ id: string; order: string }>(Object.values(project.site.records[collection]))
  const made = { id, name: cutText(name, 60), ...fields }
  project.changeSite(
    collection === 'screens' ? 'Keep a screen' : 'Keep a frame',
    putAmong(collection, others, others.length, [made]),
  )
  choose(collection === 'screens' ? { screen: id } : { frame: id })
}
const keepScreen = () => {
  const { width, height, ratio, name } = screen.value
  keep('screens', { width, height, ratio }, screen.value.own ? `${name} 2` : name)
}
const keepFrame = () =>
  keep(
    'frames',
    { parts: frame.value.parts as unknown as Json },
    frame.value.own ? `${frame.value.name} 2` : frame.value.name,
  )

const LIMITS = { width: [100, 16_000], height: [100, 16_000], ratio: [0.5, 8] } as const
function setScreen(field: keyof typeof LIMITS, value: number | undefined) {
  trouble.value = ''
  const [least, most] = LIMITS[field]
  const isWhole = field === 'ratio' || Number.isInteger(value)
  if (value === undefined || value < least || value > most || !isWhole)
    return (trouble.value = `The ${field} of a screen is ${field === 'ratio' ? 'a number' : 'a whole number'} from ${least} to ${most}.`)
  project.setSite(`Change the ${field} of ${screen.value.name}`, 'screens', screen.value.key, [field], value)
}
const setParts = (label: string, parts: FramePart[]) =>
  project.setSite(label, 'frames', frame.value.key, ['parts'], parts as unknown as Json)
const changePart = (index: number, change: Partial<FramePart>) =>
  setParts(
    'Change a part of the frame',
    frame.value.parts.map((part, at) => (at === index ? { ...part, ...change } : part)),
  )
const setSize = (index: number, size: number | undefined) =>
  size !== undefined && size >= 0 && size <= 2000
    ? changePart(index, { size })
    : (trouble.value = 'A part takes between 0 and 2000 px.')
const remove = (collection: Collection, id: string) =>
  project.changeSite(collection === 'screens' ? 'Forget a screen' : 'Forget a frame', [
    { type: 'remove', collection, id },
  ])
const setGround = (hex: string) =>
  project.setSite(
    'Change the ground of pages',
    'settings',
    'site',
    ['pageGround'],
    hex === '#ffffff' ? undefined : hex,
  )
</script>

<template>
  <div class="board">
    <section v-if="viewport">
      <ViewportPicture :screen="screen" :frame="frame" :viewport="viewport" />
    </section>
    <p v-else class="trouble-text" role="alert">
      “{{ frame.name }}” leaves nothing of a screen of {{ screen.width }} × {{ screen.height }}: lower its
      parts.
    </p>
    <BrowserTabs />
  </div>
  <aside class="side-panel choices">
    <ChoiceField
      label="Screen"
      :value="screen.key"
      :choices="screenChoices"
      @change="$event && choose({ screen: $event })"
    />
    <template v-if="screen.own">
      <TextField
        label="Name of the screen"
        hide-label
        :value="screen.name"
        :max="60"
        @change="$event && project.setSite('Rename screen', 'screens', screen.key, ['name'], $event)"
      />
      <div class="three">
        <FigureField label="width" :value="screen.width" @change="setScreen('width', $event)" />
        <FigureField label="height" :value="screen.height" @change="setScreen('height', $event)" />
        <FigureField label="pixel ratio" :value="screen.ratio" @change="setScreen('ratio', $event)" />
      </div>
      <ElButton link @click="remove('screens', screen.key)">Forget this screen</ElButton>
    </template>
    <p v-else class="soft">
      {{ screen.ratio }} device pixels to a px: {{ Math.round(screen.width * screen.ratio) }} ×
      {{ Math.round(screen.height * screen.ratio) }}.
    </p>
    <ElButton @click="keepScreen">{{ screen.own ? 'Copy it' : 'Make one like it' }}</ElButton>

    <ChoiceField
      class="frame"
      label="Browser frame"
      :value="frame.key"
      :choices="frameChoices"
      @change="$event && choose({ frame: $event })"
    />
    <TextField
      v-if="frame.own"
      label="Name of the frame"
      hide-label
      :value="frame.name"
      :max="60"
      @change="$event && project.setSite('Rename frame', 'frames', frame.key, ['name'], $event)"
    />
    <div v-for="(part, index) in frame.parts" :key="index" class="part">
      <template v-if="frame.own">
        <ChoiceField
          label="Part"
          hide-label
          :value="part.part"
          :choices="FRAME_PARTS"
          @change="$event && changePart(index, { part: $event as FramePartName })"
        />
        <ChoiceField
          label="Side"
          hide-label
          :value="part.side"
          :choices="SIDES"
          @change="$event && changePart(index, { side: $event as FrameSide })"
        />
        <FigureField
          :label="`px of ${FRAME_PARTS[part.part]}`"
          hide-label
          :value="part.size"
          @change="setSize(index, $event)"
          @trouble="trouble = $event"
        />
        <ElButton
          link
          :aria-label="`Take ${FRAME_PARTS[part.part]} away`"
          title="Take this part away"
          @click="
            setParts(
              'Take a part of the frame away',
              frame.parts.filter((_, at) => at !== index),
            )
          "
        >
          ×
        </ElButton>
      </template>
      <template v-else>
        <span>{{ FRAME_PARTS[part.part] }}</span>
        <span class="soft">{{ SIDES[part.side] }}</span>
        <b>{{ part.size }}</b>
      </template>
    </div>
    <p v-if="frame.parts.length === 0" class="soft">Nothing around the page.</p>
    <TroubleNote :says="trouble" />
    <template v-if="frame.own">
      <ElButton
        @click="
          setParts('Add a part to the frame', [...frame.parts, { part: 'bookmarks', side: 'top', size: 32 }])
        "
      >
        Add a part
      </ElButton>
      <ElButton link @click="remove('frames', frame.key)">Forget this frame</ElButton>
    </template>
    <ElButton @click="keepFrame">{{ frame.own ? 'Copy it' : 'Make one like it' }}</ElButton>
    <ElButton @click="isTaking = true">Make one from a picture…</ElButton>
    <ElCheckbox :model-value="chosen.scrollBars" @change="choose({ scrollBars: $event as boolean })"
      >Pages show a scroll bar</ElCheckbox
    >
    <label class="ground">
      <ColourPicker
        label="Ground behind pages"
        :value="project.site.records.settings.site.pageGround ?? '#ffffff'"
        @change="setGround"
      />
      Ground behind pages
    </label>
  </aside>
  <FrameFromPicture v-model="isTaking" @made="choose({ frame: $event })" />
</template>

<style scoped>
.board {
  display: grid;
  gap: 16px;
  align-content: start;
}
section {
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.choices {
  width: 304px;
}
.frame {
  margin-top: 12px;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.part {
  display: grid;
  grid-template-columns: 1fr 92px 48px 14px;
  gap: 4px;
  align-items: center;
}
.ground {
  display: flex;
  gap: 8px;
  align-items: center;
}
</style>
