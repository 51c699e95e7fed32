<script setup lang="ts">
import { useElementSize, useEventListener } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import type { Triple } from '@nolvex/core/artwork/solids'
import { advanced, panned, turned, type View } from '@nolvex/core/artwork/view'
import type { ArtworkScene } from '@nolvex/core/resolve/artworkScene'
import { followDrag } from '../gestures/followDrag'
import { useArtworkKeys } from './useArtworkKeys'
import type { ArtworkDesk } from './useArtwork'
import { Stage } from './rendering/stage'

/** The picture one composes: solids are taken and moved in it, and the eye goes round it. */
const props = defineProps<{ desk: ArtworkDesk; scene: ArtworkScene }>()
const { chosen, solid, view } = props.desk

const canvas = ref<HTMLCanvasElement>()
const ground = ref<HTMLElement>()
const { width: room, height: roomDown } = useElementSize(ground)
/** As large as the desk lets it be, in its own proportions. */
const size = computed(() => {
  const { width, height } = props.scene
  const scale = Math.max(0.01, Math.min(room.value / width, roomDown.value / height))
  return { width: Math.round(width * scale), height: Math.round(height * scale) }
})

const stage = shallowRef<Stage>()
const hasWebGl = ref(true)
onMounted(() => {
  try {
    if (canvas.value) stage.value = new Stage(canvas.value)
  } catch {
    hasWebGl.value = false
  }
})
onBeforeUnmount(() => stage.value?.dispose())
watch([stage, () => props.scene], () => stage.value?.show(props.scene, chosen.value))
watch(chosen, (id) => stage.value?.choose(id))
watch([stage, size], () => stage.value?.resize(size.value.width, size.value.height))

/** Degrees a picture's width of pulling turns by, and what a turn of the wheel goes nearer by. */
const [ROUND, UP, NEARER] = [240, 110, 1.1]

const shareOf = ({ clientX, clientY }: MouseEvent): [number, number] => {
  const { left, top, width, height } = canvas.value?.getBoundingClientRect() ?? new DOMRect()
  return [(clientX - left) / width, (clientY - top) / height]
}

function press(event: PointerEvent) {
  ;(event.currentTarget as HTMLElement).focus()
  const hit = event.button === 0 && !event.altKey ? stage.value?.at(...shareOf(event)) : undefined
  if (hit) {
    chosen.value = hit.id
    pullSolid(event, hit.point)
  } else pullView(event, event.button !== 0 || event.shiftKey)
}

/** The solid goes with the pointer over the level it was taken at; with Shift up and down. */
function pullSolid(event: PointerEvent, taken: Triple) {
  const one = solid.value
  if (!one) return
  let at: Triple = [...one.at]
  followDrag(event, {
    move: (_dx, dy, now) => {
      const [x, y, z] = one.at
      if (now.shiftKey) {
        at = [x, Math.max(0, y - (dy / size.value.height) * view.value.distance * 0.54), z]
      } else {
        const to = stage.value?.onLevel(...shareOf(now), taken[1])
        if (to) at = [x + to[0] - taken[0], y, z + to[2] - taken[2]]
      }
      stage.value?.move(one.id, at)
    },
    end: (kept) => (kept ? props.desk.moveSolid(at) : stage.value?.show(props.scene, chosen.value)),
  })
}

function pullView(event: PointerEvent, isPanning: boolean) {
  const from = view.value
  let now: View = from
  followDrag(event, {
    move: (dx, dy) => {
      const [across, down] = [dx / size.value.width, dy / size.value.height]
      now = isPanning ? panned(from, across * 0.8, -down * 0.54) : turned(from, -across * ROUND, down * UP)
      stage.value?.look(now, true)
    },
    end: (kept) => (kept ? props.desk.look(now) : stage.value?.look(from, false)),
    click: () => (chosen.value = undefined),
  })
}

useEventListener(
  canvas,
  'wheel',
  (event: WheelEvent) => {
    event.preventDefault()
    props.desk.look(advanced(view.value, event.deltaY > 0 ? NEARER : 1 / NEARER))
  },
  { passive: false },
)
useArtworkKeys(props.desk)
</script>

<template>
  <div ref="ground" class="artwork-stage">
    <div
      class="picture"
      :style="{ width: `${size.width}px`, height: `${size.height}px`, background: scene.sky }"
    >
      <canvas
        v-show="hasWebGl"
        ref="canvas"
        tabindex="0"
        role="application"
        aria-label="The artwork. Pull to turn it, a solid to move it; arrow keys do the same."
        @pointerdown="press"
        @contextmenu.prevent
      />
      <div v-if="!hasWebGl" class="without" role="alert">
        <h2>This browser cannot show the scene</h2>
        <p>
          It has no WebGL, or it is switched off. The scene is kept: figures and colours can be changed at the
          side, and it can be rendered in another browser. The picture that was kept last stays where it is.
        </p>
      </div>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.artwork-stage {
  display: grid;
  flex: 1;
  min-height: 0;
  overflow: hidden;
  place-items: center;
}
.picture {
  position: relative;
  box-shadow: 0 0 0 1px var(--hairline);
}
canvas {
  width: 100%;
  height: 100%;
  cursor: grab;
  touch-action: none;
}
canvas:focus-visible {
  outline: 2px solid var(--pine);
  outline-offset: 2px;
}
.without {
  padding: 40px;
  background: var(--paper);
}
</style>
