<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { computed, onScopeDispose, provide, ref, watch } from 'vue'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import type { ShelfItem } from '@nolvex/core/block/shelf'
import { useOverlays } from '../grid/useOverlays'
import BrowserFrame from '../screens/BrowserFrame.vue'
import { draftingCamera } from './camera/camera'
import CameraBar from './camera/CameraBar.vue'
import PageOverview from './camera/PageOverview.vue'
import { useCamera } from './camera/useCamera'
import { useCameraCommands } from './camera/useCameraCommands'
import { usePresentation } from './camera/usePresentation'
import { useScrollAtEdges } from './camera/useScrollAtEdges'
import FollowStrip from './FollowStrip.vue'
import RulerBar from './guides/RulerBar.vue'
import { useRulers } from './guides/useRulers'
import PageDrawing from './PageDrawing.vue'
import PageSheet from './PageSheet.vue'
import StackList from './surface/StackList.vue'
import { useDraftingPage } from './useDraftingPage'
import { useFramedPage } from './useFramedPage'
import type { Comparison } from './comparison'
import { FINISHES, useFinish, type FinishName } from './usePainter'

const props = defineProps<{
  /** how the page stands against itself in another finish */
  comparison: Comparison
}>()
const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const page = useDraftingPage()
const { pageWidth, pageHeight, selected, shown } = page

const surface = ref<HTMLElement>()
const desk = ref<HTMLElement>()
const pane = ref<HTMLElement>()
const paper = ref<InstanceType<typeof PageSheet>>()
const sheet = computed(() => paper.value?.element ?? undefined)
const { finish } = useFinish()
const isMockup = computed(() => page.as.value === 'mockup')
/** a mockup is held against the wireframe it was, a wireframe against itself in the other finish */
const other = computed((): FinishName => {
  if (isMockup.value) return finish.value
  return finish.value === 'sketch' ? 'plain' : 'sketch'
})
const isCompared = computed(() => props.comparison === 'beside')
const divided = computed(() => (isMockup.value && props.comparison === 'divided' ? other.value : undefined))
const { framed, natural, windowHeight, frameProps, paneStyle, underlay, ground } = useFramedPage(page)
/** What scrolls the page is the desk, or the window its browser frame leaves. */
const scroller = () => (framed.value ? pane.value : desk.value)
const beside = computed(() => (isCompared.value ? 2 : 1))
const { camera, deskWidth, deskHeight, drawn, scroll, isPanning, ...moving } = useCamera({
  ...{ desk, scroller, sheet, natural, beside },
})
const { zoom, view } = camera
provide(draftingCamera, camera)
useCameraCommands(page, camera)
const { overview } = useOverlays()
const { isAlone } = usePresentation()
const atEdges = useScrollAtEdges(desk, moving.scrollBy)

/** A new block comes to the page where the pointer is let go on the desk. */
function bring(item: ShelfItem) {
  const { left, right, top, bottom } = desk.value?.getBoundingClientRect() ?? new DOMRect()
  return paper.value?.bring(
    item,
    ({ clientX: x, clientY: y }) => x > left && x < right && y > top && y < bottom,
  )
}
defineExpose({ bring })
const {
  isShown: hasRulers,
  origin,
  follow,
  pulled,
  pull,
} = useRulers(page, {
  ...{ surface, sheet, moves: [zoom, deskWidth, deskHeight, pageWidth, framed] },
  pagePoint: (event) => paper.value?.pagePoint(event) ?? { x: 0, y: 0 },
})

/** Beside the page, but not on a scroll bar of the desk. */
function pressBeside(event: PointerEvent) {
  const { target, currentTarget } = event
  const isOnBar = event.offsetX > (currentTarget as HTMLElement).clientWidth
  if ((target === desk.value && !isOnBar) || target === pane.value) paper.value?.press(event)
}

/** All that stands where the pointer is, to choose from. */
const listed = ref<{ at: { x: number; y: number }; stack: Placed[] }>()
function list(event: MouseEvent, stack: Placed[]) {
  event.preventDefault()
  const { left, top } = surface.value?.getBoundingClientRect() ?? new DOMRect()
  listed.value = { at: { x: event.clientX - left, y: event.clientY - top }, stack }
}

function dropFiles(event: DragEvent) {
  const files = [...(event.dataTransfer?.files ?? [])]
  if (files.length) emit('pictures', files, undefined)
}

function scrolled() {
  moving.scrolled()
  follow()
}

/** In a browser frame what sticks keeps to its edge of it. */
watch(
  () => framed.value && { top: scroll.value.top / zoom.value, height: windowHeight.value },
  (seen) => (page.scrolled.value = seen),
  { immediate: true },
)
onScopeDispose(() => (page.scrolled.value = undefined))

/** The page follows to what is selected where none of it is in view. */
const AROUND = 40
watch(
  () => page.selection.value.join(' '),
  () => {
    const [one] = selected.value
    const element = scroller()
    if (!one || !element || paper.value?.preview) return
    const [top, bottom] = [one.y * zoom.value, (one.y + one.h) * zoom.value]
    const isSeen = bottom > element.scrollTop && top < element.scrollTop + element.clientHeight
    if (!isSeen) element.scrollTo({ top: top - AROUND })
  },
  { flush: 'post' },
)
useEventListener(desk, 'scroll', scrolled, { passive: true })
useEventListener(pane, 'scroll', scrolled, { passive: true })
watch([framed, zoom, deskWidth, deskHeight], scrolled, { flush: 'post' })
</script>

<template>
  <div
    ref="surface"
    class="surface"
    :class="{ 'with-rulers': hasRulers && !isAlone, alone: isAlone, panning: isPanning }"
  >
    <template v-if="hasRulers && !isAlone">
      <RulerBar axis="x" :origin="origin.x" :zoom="zoom" :length="deskWidth" @pull="pull('y', $event)" />
      <RulerBar axis="y" :origin="origin.y" :zoom="zoom" :length="deskHeight" @pull="pull('x', $event)" />
    </template>
    <div
      ref="desk"
      role="region"
      aria-label="The page"
      class="desk"
      :class="{ compared: isCompared }"
      tabindex="0"
      @pointerdown="pressBeside"
      @dragover.prevent
      @drop.prevent="dropFiles"
    >
      <component :is="framed ? BrowserFrame : 'div'" v-bind="frameProps(zoom, scroll.top)">
        <div ref="pane" class="pane" :class="{ framed }" :style="paneStyle(zoom)">
          <PageSheet
            ref="paper"
            v-bind="{ zoom, view, drawn, ground, underlay, pulled, atEdges, divided }"
            @list="list"
            @pictures="(files, block) => emit('pictures', files, block)"
          >
            <template #empty><slot name="empty" /></template>
          </PageSheet>
        </div>
      </component>
      <figure v-if="isCompared && shown" class="other">
        <svg
          :width="pageWidth * zoom"
          :height="pageHeight * zoom"
          :viewBox="`0 0 ${pageWidth} ${pageHeight}`"
          role="img"
          :aria-label="`The page in ${FINISHES[other].toLowerCase()}`"
        >
          <rect :width="pageWidth" :height="pageHeight" fill="#fff" />
          <PageDrawing :layout="shown" v-bind="drawn" :finish="other" />
        </svg>
        <figcaption class="soft">{{ FINISHES[other] }}</figcaption>
      </figure>
    </div>
    <PageOverview v-if="overview && !isAlone && view.h < pageHeight" :height="deskHeight" />
    <FollowStrip />
    <StackList v-if="listed" v-bind="listed" @leave="listed = undefined" />
    <CameraBar v-if="!isAlone" class="camera" />
    <ElButton v-else class="camera" @click="isAlone = false">Back to drafting (L)</ElButton>
  </div>
</template>

<style scoped>
.surface {
  position: relative;
  display: flex;
  flex: 1;
  min-width: 0;
}
.surface.with-rulers {
  padding: 18px 0 0 18px;
}
.desk {
  flex: 1;
  min-width: 0;
  overflow: auto;
  outline: none;
}
.compared {
  display: flex;
  align-items: start;
}
.compared > :first-child {
  flex: 1;
}
.other {
  position: relative;
  flex: 1;
  margin: 20px auto 80px;
  text-align: center;
}
.other > svg {
  box-shadow: 0 0 0 1px var(--hairline);
}
figcaption {
  position: absolute;
  inset: -18px 0 auto;
}
.camera {
  position: absolute;
  z-index: 5;
  right: 20px;
  bottom: 12px;
}
.alone .camera:not(:hover, :focus) {
  opacity: 0.5;
}
.panning .desk {
  cursor: grab;
}
.desk:focus-visible {
  box-shadow: inset 0 0 0 2px var(--pine);
}
.pane:not(.framed) {
  margin: 20px auto 80px;
}
.pane.framed {
  overflow: hidden auto;
  scrollbar-width: none;
}
</style>
