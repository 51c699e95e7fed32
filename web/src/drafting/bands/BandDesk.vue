<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { computed, provide, ref, watch } from 'vue'
import CameraBar from '../camera/CameraBar.vue'
import { draftingCamera } from '../camera/camera'
import { useCamera } from '../camera/useCamera'
import { useCameraCommands } from '../camera/useCameraCommands'
import { useScrollAtEdges } from '../camera/useScrollAtEdges'
import FollowStrip from '../FollowStrip.vue'
import { useDraftingPage } from '../useDraftingPage'
import BandSheet from './BandSheet.vue'

/** The page at all bands beside one another, to one scale and scrolled together; each is drawn on like the page alone. */
const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const page = useDraftingPage()
const desk = ref<HTMLElement>()
const row = ref<HTMLElement>()
const bands = computed(() => [...page.bands.value.inOrder].reverse())
/** screen px between pages */
const GAP = 28

const natural = computed(() => ({
  width: bands.value.reduce((sum, { drawnAt }) => sum + drawnAt, 0),
  height: page.pageHeight.value,
}))
const spare = computed(() => GAP * (bands.value.length + 1))
const { camera, deskWidth, deskHeight, drawn, isPanning, ...moving } = useCamera({
  ...{ desk, scroller: () => desk.value, sheet: row, natural, beside: ref(1), spare },
})
const { zoom, view } = camera
provide(draftingCamera, camera)
useCameraCommands(page, camera)
const atEdges = useScrollAtEdges(desk, moving.scrollBy)
useEventListener(desk, 'scroll', moving.scrolled, { passive: true })
watch([zoom, deskWidth, deskHeight], moving.scrolled, { flush: 'post' })

/** What is selected comes into view where none of it is, as the band that is edited has it. */
watch(
  () => page.selection.value.join(' '),
  () => {
    const [one] = page.selected.value
    if (!one || !desk.value) return
    const { scrollTop, clientHeight } = desk.value
    const [top, bottom] = [one.y * zoom.value, (one.y + one.h) * zoom.value]
    if (bottom < scrollTop || top > scrollTop + clientHeight) desk.value.scrollTo({ top: top - 40 })
  },
  { flush: 'post' },
)
</script>

<template>
  <div class="band-desk" :class="{ panning: isPanning }">
    <div ref="desk" class="desk" role="region" aria-label="The page at all bands" tabindex="0">
      <div ref="row" class="row" :style="{ gap: `${GAP}px`, padding: `0 ${GAP}px 0 ${GAP / 2}px` }">
        <BandSheet
          v-for="band in bands"
          :key="band.id"
          v-bind="{ band, zoom, view, drawn, atEdges }"
          @pictures="(files, block) => emit('pictures', files, block)"
        />
      </div>
    </div>
    <FollowStrip />
    <CameraBar class="camera" />
  </div>
</template>

<style scoped>
.band-desk {
  position: relative;
  display: flex;
  flex: 1;
  min-width: 0;
}
.desk {
  flex: 1;
  min-width: 0;
  overflow: auto;
  outline: none;
}
.desk:focus-visible {
  box-shadow: inset 0 0 0 2px var(--pine);
}
.row {
  display: flex;
  align-items: start;
  width: max-content;
  min-width: 100%;
  margin: 0 auto 80px;
}
.camera {
  position: absolute;
  z-index: 5;
  right: 20px;
  bottom: 12px;
}
.panning .desk {
  cursor: grab;
}
</style>
