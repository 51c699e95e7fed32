<script setup lang="ts">
import { computed } from 'vue'
import { eachBox } from '@nolvex/core/layout/pageLayout'
import type { Rect } from '@nolvex/core/snap/rect'
import { useDraftingPage } from '../useDraftingPage'
import { useSkeleton } from '../useSkeleton'

/** Every box of the page over it, tinted and with its name, as far as it is asked for. */
const props = defineProps<{ zoom: number; view: Rect }>()
const page = useDraftingPage()
const { by, deepest, shows, upTo } = useSkeleton()
const MARGIN = 200
/** Tints that stay apart from one another for eyes that see colours otherwise, too. */
const TINTS = ['#3e5c76', '#8a5a00', '#1f5b4c', '#8a4f7d', '#a63d2a', '#5b6b2f']
const HELD = ['blocks', 'text', 'picture', 'icon', 'control', 'shape']

interface Shown extends Rect {
  key: string
  depth: number
  says: string
  tint: string
}
const all = computed((): Shown[] => {
  const found: Shown[] = []
  const depths = new Map<unknown, number>()
  if (!page.layout.value) return found
  eachBox(page.layout.value, (box, x, y) => {
    const depth = depths.get(box) ?? 0
    for (const child of box.children) depths.set(child, depth + 1)
    const { key, name, tag, content } = box.node
    if (deepest.value !== undefined && depth > deepest.value) return
    if (shows.value !== undefined && content.type !== shows.value) return
    const index = by.value === 'depth' ? depth : HELD.indexOf(content.type)
    const tint = TINTS[index % TINTS.length]
    found.push({ key, depth, says: `${name} · ${tag}`, tint, x, y, w: box.w, h: box.h })
  })
  return found.slice(0, upTo.value)
})
const inView = computed(() => {
  const [from, until] = [props.view.y - MARGIN, props.view.y + props.view.h + MARGIN]
  return all.value.filter(({ y, h }) => y + h >= from && y <= until)
})
/** Names stand where there is room for them. */
const hasRoom = ({ w, h }: Rect) => w * props.zoom > 48 && h * props.zoom > 13
</script>

<template>
  <div
    v-for="one in inView"
    :key="one.key"
    class="box"
    :data-skeleton="one.key"
    :style="{
      left: `${one.x * zoom}px`,
      top: `${one.y * zoom}px`,
      width: `${one.w * zoom}px`,
      height: `${one.h * zoom}px`,
      '--tint': one.tint,
    }"
  >
    <span v-if="hasRoom(one)" class="says" dir="auto">{{ one.says }}</span>
  </div>
</template>

<style scoped>
.box {
  position: absolute;
  overflow: hidden;
  background: color-mix(in srgb, var(--tint) 12%, transparent);
  outline: 1px solid var(--tint);
  outline-offset: -1px;
  pointer-events: none;
}
.says {
  position: absolute;
  top: 0;
  left: 0;
  max-width: 100%;
  padding: 0 4px;
  overflow: hidden;
  color: #fff;
  font-size: 10px;
  line-height: 13px;
  white-space: nowrap;
  text-overflow: ellipsis;
  background: var(--tint);
}
</style>
