<script setup lang="ts">
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { frameTakes, type Frame, type FramePart, type FrameSide } from '@nolvex/core/viewport/frame'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** A browser's window around a page: its parts to scale, with tabs and address that say what the project sets. */
const props = defineProps<{
  frame: Pick<Frame, 'parts' | 'picture' | 'name'>
  /** screen px for each px of the page */
  zoom: number
  width: number
  height: number
  /** what the active tab and the address say unless the project sets other words */
  title: string
  address: string
  scrollBars: boolean
  /** how far the page is scrolled, and how much of it shows, from 0 to 1 */
  scrolled: number
  share: number
}>()
const project = useProject()

const tabs = computed(() => {
  const own = inOrder(Object.values(project.site.records.browserTabs))
  return own.length ? own : [{ id: '', title: undefined, address: undefined, icon: undefined, active: true }]
})
const active = computed(() => tabs.value.find((tab) => tab.active) ?? tabs.value[0])
const at = (side: FrameSide) =>
  props.frame.parts.filter((part) => part.side === side && part.part !== 'scroll')
const scrollPart = computed(() =>
  props.scrollBars ? props.frame.parts.find(({ part }) => part === 'scroll') : undefined,
)
const taken = computed(() => frameTakes(props.frame))

/** A frame from a picture is shown as that picture while the page is as large as the hole in it. */
const picture = computed(() => {
  const { picture: found } = props.frame
  if (!found) return undefined
  const isSame =
    Math.abs(found.area.width / found.ratio - props.width) < 2 &&
    Math.abs(found.area.height / found.ratio - props.height) < 2
  return isSame ? found : undefined
})
const scaled = (px: number) => `${px * props.zoom}px`
const partStyle = ({ size }: FramePart, axis: 'width' | 'height') => ({
  [axis]: scaled(size),
  fontSize: scaled(Math.min(13, Math.max(8, size * 0.36))),
})
</script>

<template>
  <div
    class="browser-frame"
    :style="{ width: scaled(width + taken.left + taken.right) }"
    :aria-label="`The page in ${frame.name}`"
    role="group"
  >
    <img
      v-if="picture"
      class="picture"
      alt=""
      :src="assetAddress(project.id, picture.asset)"
      :style="{
        width: scaled(picture.width / picture.ratio),
        height: scaled(picture.height / picture.ratio),
      }"
    />
    <div
      v-for="(part, index) in at('top')"
      :key="`t${index}`"
      class="bar"
      :class="[part.part, { bare: picture }]"
      :style="partStyle(part, 'height')"
    >
      <template v-if="picture" />
      <template v-else-if="part.part === 'tabs'">
        <span v-for="tab in tabs" :key="tab.id" class="tab" :class="{ active: tab.id === active.id }">
          <span class="icon">{{ tab.icon ?? '▪' }}</span>{{
            tab.title ?? (tab.id === active.id ? title : 'Another page')
          }}
        </span>
      </template>
      <span v-else-if="part.part === 'address'" class="line">{{ active.address ?? address }}</span>
      <template v-else-if="part.part === 'bookmarks'">
        <span v-for="one in 4" :key="one" class="stub" />
      </template>
    </div>
    <div class="middle">
      <div
        v-for="(part, index) in at('left')"
        :key="`l${index}`"
        class="side"
        :class="[part.part, { bare: picture }]"
        :style="{ width: scaled(part.size) }"
      />
      <slot />
      <div
        v-if="scrollPart"
        class="scroll"
        :class="{ bare: picture }"
        :style="{ width: scaled(scrollPart.size) }"
        aria-hidden="true"
      >
        <span :style="{ top: `${scrolled * (1 - share) * 100}%`, height: `${Math.max(4, share * 100)}%` }" />
      </div>
      <div
        v-for="(part, index) in at('right')"
        :key="`r${index}`"
        class="side"
        :class="[part.part, { bare: picture }]"
        :style="{ width: scaled(part.size) }"
      />
    </div>
    <div
      v-for="(part, index) in at('bottom')"
      :key="`b${index}`"
      class="bar"
      :class="[part.part, { bare: picture }]"
      :style="partStyle(part, 'height')"
    />
  </div>
</template>

<style scoped>
.browser-frame {
  position: relative;
  margin: 20px auto 40px;
  outline: 1px solid var(--edge);
}
.picture {
  position: absolute;
  inset: 0;
}
.bar {
  display: flex;
  gap: 0.6em;
  align-items: center;
  padding: 0 0.8em;
  overflow: hidden;
  background: #dcd8cc;
  border-bottom: 1px solid var(--hairline);
  line-height: 1.5;
  white-space: nowrap;
}
.bar.tabs {
  align-items: flex-end;
  background: #cbc6b7;
}
.bar.system {
  background: #4b5450;
}
.bar.bare,
.side.bare,
.scroll.bare {
  visibility: hidden;
}
.tab {
  max-width: 30%;
  padding: 0.35em 0.9em;
  overflow: hidden;
  background: #dcd8cc;
  border: 1px solid var(--edge);
  border-bottom: 0;
  color: var(--ink);
  text-overflow: ellipsis;
}
.tab.active {
  background: var(--paper);
}
.icon {
  margin-right: 0.5em;
}
.line {
  flex: 1;
  padding: 0 0.8em;
  overflow: hidden;
  background: #fff;
  border: 1px solid var(--edge);
  text-overflow: ellipsis;
}
.stub {
  width: 7em;
  height: 0.5em;
  background: #bdb8a8;
}
.middle {
  position: relative;
  display: flex;
}
.side {
  flex: none;
  background: #dcd8cc;
}
.scroll {
  position: relative;
  flex: none;
  background: #efece4;
  border-left: 1px solid var(--hairline);
}
.scroll span {
  position: absolute;
  right: 2px;
  left: 2px;
  background: #a9a492;
}
</style>
