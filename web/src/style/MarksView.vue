<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { iconMarks } from '@nolvex/core/paint/iconMarks'
import type { Json } from '@nolvex/core/document/types'
import type { BrandMark } from '@nolvex/core/style/brand'
import { tokenColour, tokenOfRole } from '@nolvex/core/style/token'
import ChoiceField from '../forms/ChoiceField.vue'
import CountField from '../forms/CountField.vue'
import FigureField from '../forms/FigureField.vue'
import FilePick from '../forms/FilePick.vue'
import LineInput from '../forms/LineInput.vue'
import TextField from '../forms/TextField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { assetAddress } from '../session/api'
import { MarkGroup } from '../vector/MarkGroup'
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'
import { useBrandFiles } from './useBrandFiles'
import { useGuide } from './useGuide'

/** Logos for light and dark ground, the favicon, artwork with where it comes from, and how icons are drawn. */
const { project, set, change, remove } = useGuide()
const { marks, trouble, working, addMarks } = useBrandFiles()

const USES = { logo: 'logo', favicon: 'favicon', artwork: 'artwork', picture: 'picture' }
const GROUNDS = { light: 'a light ground', dark: 'a dark ground', any: 'either' }
const write = (mark: BrandMark, field: string, value: Json | undefined) =>
  set(`Change ${mark.name}`, 'marks', mark.id, [field], value, `${mark.id} ${field}`)

const groundHex = (set: 'light' | 'dark') => {
  const token = tokenOfRole(project.style.records.tokens, 'ground')
  return (
    (token && tokenColour(project.style.records.tokens, token.id, set)) ??
    (set === 'dark' ? '#17211e' : '#ffffff')
  )
}
const isOn = ({ ground = 'any' }: BrandMark, set: 'light' | 'dark') => ground === 'any' || ground === set

/** A logo as small as it may be, with the room that is kept clear round it. */
function sampleStyle({ file, least = 0, clear = 0 }: BrandMark) {
  const width = Math.min(200, Math.max(24, least || file.width))
  const height = (width * file.height) / file.width
  return { img: { width: `${width}px` }, room: { padding: `${(height * clear) / 100}px` } }
}

const icons = computed(() => project.style.records.icons?.style ?? { id: 'style' as const })
function writeIcons(field: 'stroke' | 'corners' | 'size', value: Json | undefined) {
  const isThere = project.style.records.icons?.style
  change(`Change icons`, [
    ...(isThere ? [] : [{ type: 'put' as const, collection: 'icons', id: 'style', record: { id: 'style' } }]),
    {
      type: 'set',
      collection: 'icons',
      id: 'style',
      path: [field],
      ...(value === undefined ? {} : { value }),
    },
  ])
}
const SAMPLES = [
  ['M3 12L12 3L21 12', 'M5 10V21H19V10', 'M10 21V14H14V21'],
  ['M4 6H20', 'M4 12H20', 'M4 18H20'],
  ['M11 4A7 7 0 1 0 11 18A7 7 0 1 0 11 4Z', 'M16 16L21 21'],
  ['M12 3L21 20H3Z', 'M12 10V14', 'M12 17V17.1'],
]
const lines = computed(() => ({ stroke: icons.value.stroke ?? 2, isRound: icons.value.corners !== 'square' }))
const size = computed(() => icons.value.size ?? 24)
</script>

<template>
  <GuideBoard>
    <GuideSection title="Logos, favicon and artwork">
      <template #acts>
        <FilePick words="Add logos" accept="image/*" several @files="addMarks($event, 'logo')" />
        <FilePick words="Add artwork" accept="image/*" several @files="addMarks($event, 'artwork')" />
      </template>
      <p v-if="working" role="status">{{ working }}</p>
      <TroubleNote :says="trouble" />
      <p v-if="marks.length === 0" class="soft">
        None yet. Add the logo’s files: SVG (cleaned of anything that runs), PNG, JPEG or WebP.
      </p>
      <article v-for="mark in marks" :key="mark.id" :data-mark="mark.name">
        <div class="grounds">
          <template v-for="ground in ['light', 'dark'] as const" :key="ground">
            <span v-if="isOn(mark, ground)" class="ground" :style="{ background: groundHex(ground) }">
              <span class="clear" :style="sampleStyle(mark).room"
                ><img
                  :src="mark.file.asset && assetAddress(project.id, mark.file.asset)"
                  :alt="`${mark.name} on a ${ground} ground`"
                  :style="sampleStyle(mark).img"
              /></span>
            </span>
          </template>
        </div>
        <div class="fields">
          <LineInput
            :label="`Name of ${mark.name}`"
            :value="mark.name"
            :max="100"
            @change="$event && write(mark, 'name', $event)"
          />
          <ChoiceField
            label="Is a"
            :value="mark.use"
            :choices="USES"
            @change="$event && write(mark, 'use', $event)"
          />
          <ChoiceField
            label="Made for"
            :value="mark.ground"
            :choices="GROUNDS"
            none="either"
            @change="write(mark, 'ground', $event)"
          />
          <FigureField
            label="Wide at least, px"
            :value="mark.least"
            @change="
              ($event === undefined || ($event >= 1 && $event <= 4000)) && write(mark, 'least', $event)
            "
          />
          <CountField
            label="Clear round it, % of its height"
            :value="mark.clear"
            :least="0"
            :most="400"
            @change="write(mark, 'clear', $event)"
          />
          <TextField label="Comes from" :value="mark.source" @change="write(mark, 'source', $event)" />
          <TextField label="Licence" :value="mark.licence" @change="write(mark, 'licence', $event)" />
          <ElButton link @click="remove(`Take out ${mark.name}`, 'marks', mark.id)">Take out</ElButton>
        </div>
      </article>
    </GuideSection>
    <GuideSection title="Icons">
      <div class="icons">
        <FigureField
          label="Lines, px at 24"
          :value="icons.stroke"
          placeholder="2"
          @change="($event === undefined || ($event >= 0.25 && $event <= 6)) && writeIcons('stroke', $event)"
        />
        <ChoiceField
          label="Ends and corners"
          :value="icons.corners"
          :choices="{ round: 'round', square: 'square' }"
          none="round"
          @change="writeIcons('corners', $event)"
        />
        <FigureField
          label="Size, px"
          :value="icons.size"
          placeholder="by their text"
          @change="($event === undefined || ($event >= 8 && $event <= 200)) && writeIcons('size', $event)"
        />
        <svg
          v-for="(paths, index) in SAMPLES"
          :key="index"
          :width="size"
          :height="size"
          :viewBox="`0 0 ${size} ${size}`"
          aria-hidden="true"
        >
          <MarkGroup
            :group="{
              type: 'group',
              marks: iconMarks({ paths }, { x: 0, y: 0, width: size, height: size }, '#17211e', lines),
            }"
          />
        </svg>
      </div>
    </GuideSection>
  </GuideBoard>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: minmax(160px, 1fr) 2fr;
  gap: 12px;
  padding: 8px 0 12px;
  border-bottom: 1px dotted var(--edge);
}
.grounds {
  display: grid;
  gap: 6px;
  align-content: start;
}
.ground {
  display: grid;
  place-items: center;
  min-height: 72px;
  padding: 8px;
  overflow: hidden;
  border: 1px solid var(--hairline);
}
.clear {
  display: inline-block;
  max-width: 100%;
  outline: 1px dashed var(--ochre);
}
.clear img {
  display: block;
  max-width: 100%;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 6px 10px;
  align-items: end;
}
.icons {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.icons .figure-field {
  width: 110px;
}
</style>
