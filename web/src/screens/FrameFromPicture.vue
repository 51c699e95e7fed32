<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed, ref, shallowRef } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import { findPageArea, type Area } from '@nolvex/core/viewport/findPageArea'
import { partsOfPicture } from '@nolvex/core/viewport/frame'
import { cutText } from '@nolvex/core/text/cutText'
import TroubleNote from '../forms/TroubleNote.vue'
import TextField from '../forms/TextField.vue'
import FilePick from '../forms/FilePick.vue'
import FigureField from '../forms/FigureField.vue'
import { takePicture } from '../session/takePicture'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { followDrag } from '../gestures/followDrag'
import { readPixels } from './readPixels'

/** Makes a browser frame from a picture of a window: the page's area is found or marked, and cut out. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ made: [frame: string] }>()
const project = useProject()
const bitmap = shallowRef<ImageBitmap>()
const name = ref('')
const address = ref('')
const area = ref<Area>()
const isFound = ref(false)
const ratio = ref(1)
const trouble = ref('')
const isBusy = ref(false)
const ROOM = 640

const scale = computed(() =>
  bitmap.value ? Math.min(1, ROOM / bitmap.value.width, 360 / bitmap.value.height) : 1,
)
const inPage = (px: number) => Math.round(px / ratio.value)
const FIELDS = ['x', 'y', 'width', 'height'] as const

async function take([file]: File[]) {
  if (!file) return
  trouble.value = ''
  try {
    const read = await readPixels(file)
    bitmap.value = read.bitmap
    name.value = cutText(file.name.replace(/\.\w+$/, ''), 60) || 'From a picture'
    if (address.value) URL.revokeObjectURL(address.value)
    address.value = URL.createObjectURL(file)
    const found = findPageArea(read.pixels)
    isFound.value = found !== undefined
    const { width, height } = read.bitmap
    area.value = found ?? { x: 0, y: Math.round(height / 8), width, height: Math.round((height * 3) / 4) }
  } catch (error) {
    trouble.value = (error as Error).message
  }
}

function set(field: (typeof FIELDS)[number], value: number | undefined) {
  if (!area.value || !bitmap.value || value === undefined) return
  area.value = within({ ...area.value, [field]: Math.round(value) })
}
function within(wish: Area): Area {
  const { width, height } = bitmap.value ?? { width: 1, height: 1 }
  const x = Math.min(width - 1, Math.max(0, wish.x))
  const y = Math.min(height - 1, Math.max(0, wish.y))
  return {
    x,
    y,
    width: Math.min(width - x, Math.max(1, wish.width)),
    height: Math.min(height - y, Math.max(1, wish.height)),
  }
}

/** Marks the area anew by pulling a rectangle over the picture. */
function mark(event: PointerEvent) {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const start = { x: (event.clientX - box.left) / scale.value, y: (event.clientY - box.top) / scale.value }
  followDrag(event, {
    move: (dx, dy) => {
      const [w, h] = [dx / scale.value, dy / scale.value]
      const left = Math.round(Math.min(start.x, start.x + w))
      const top = Math.round(Math.min(start.y, start.y + h))
      area.value = within({
        x: left,
        y: top,
        width: Math.round(Math.abs(w)),
        height: Math.round(Math.abs(h)),
      })
    },
    end: () => undefined,
  })
}

/** The picture with the page's area cut out of it, as a file. */
async function cutOut({ x, y, width, height }: Area): Promise<File> {
  const whole = bitmap.value as ImageBitmap
  const canvas = new OffscreenCanvas(whole.width, whole.height)
  const context = canvas.getContext('2d') as OffscreenCanvasRenderingContext2D
  context.drawImage(whole, 0, 0)
  context.clearRect(x, y, width, height)
  return new File([await canvas.convertToBlob({ type: 'image/png' })], 'frame.png', { type: 'image/png' })
}

async function make() {
  if (!area.value || !bitmap.value) return
  isBusy.value = true
  trouble.value = ''
  try {
    const { id: asset } = await takePicture(project.id, await cutOut(area.value))
    const picture = {
      width: bitmap.value.width,
      height: bitmap.value.height,
      ratio: ratio.value,
      area: { ...area.value },
    }
    const frames = inOrder(Object.values(project.site.records.frames))
    const id = newId()
    const record = {
      id,
      name: name.value.trim() || 'From a picture',
      parts: partsOfPicture(picture) as unknown as Json,
      picture: { asset, ...picture },
    }
    project.changeSite('Make a frame from a picture', putAmong('frames', frames, frames.length, [record]))
    emit('made', id)
    open.value = false
  } catch (error) {
    trouble.value = (error as Error).message
  } finally {
    isBusy.value = false
  }
}
</script>

<template>
  <ElDialog v-model="open" title="A browser frame from a picture" width="720" top="5vh">
    <div class="from-picture">
      <p class="soft">
        Take a picture of a browser’s window with an empty page in it and choose it here. The page’s area is
        found, or pull a rectangle over it.
      </p>
      <FilePick
        words="Choose a picture…"
        label="Picture of a window"
        accept="image/png,image/jpeg,image/webp"
        @files="take"
      />
      <template v-if="bitmap && area">
        <div
          class="shot"
          :style="{ width: `${bitmap.width * scale}px`, height: `${bitmap.height * scale}px` }"
          @pointerdown="mark"
        >
          <img :src="address" alt="" draggable="false" />
          <div
            class="area"
            :style="{
              left: `${area.x * scale}px`,
              top: `${area.y * scale}px`,
              width: `${area.width * scale}px`,
              height: `${area.height * scale}px`,
            }"
          >
            <b>{{ inPage(area.width) }} × {{ inPage(area.height) }}</b>
          </div>
        </div>
        <p v-if="!isFound" class="trouble-text">No empty page was found: mark it.</p>
        <div class="fields">
          <FigureField
            v-for="field in FIELDS"
            :key="field"
            :label="field"
            :value="area[field]"
            @change="set(field, $event)"
          />
          <FigureField
            label="pixels a px"
            :value="ratio"
            @change="$event !== undefined && $event >= 0.5 && $event <= 8 && (ratio = $event)"
          />
          <TextField label="Name" :value="name" :max="60" @change="name = $event ?? ''" />
        </div>
      </template>
      <TroubleNote :says="trouble" />
    </div>
    <template #footer>
      <ElButton type="primary" :disabled="!area || isBusy" @click="make">Make the frame</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.from-picture {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.shot {
  position: relative;
  outline: 1px solid var(--edge);
  cursor: crosshair;
  touch-action: none;
}
img {
  display: block;
  width: 100%;
  height: 100%;
}
.area {
  position: absolute;
  display: grid;
  place-items: center;
  background: rgb(31 91 76 / 18%);
  outline: 2px solid var(--pine);
  pointer-events: none;
}
.area b {
  padding: 2px 8px;
  background: var(--paper);
}
.fields {
  display: grid;
  grid-template-columns: repeat(5, 84px) 1fr;
  gap: 8px;
  width: 100%;
}
</style>
