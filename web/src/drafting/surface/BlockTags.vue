<script setup lang="ts">
import { computed } from 'vue'
import { contentNumber } from '@nolvex/core/content/content'
import { eachBox } from '@nolvex/core/layout/pageLayout'
import { pageNotes } from '@nolvex/core/paint/pageNotes'
import { tooFewPixels } from '@nolvex/core/review/mockup/sharpness'
import { useOverlays } from '../../grid/useOverlays'
import { useDraftingPage } from '../useDraftingPage'

/** Numbers of notes at the corners of their blocks, and of the content items blocks show; what is missing is marked. */
const props = defineProps<{ zoom: number }>()
const page = useDraftingPage()
const { tags } = useOverlays()

interface Tag {
  key: string
  says: string
  title: string
  kind: 'note' | 'content' | 'missing'
  style: Record<string, string>
}
const at = (x: number, y: number) => ({ left: `${x * props.zoom}px`, top: `${y * props.zoom}px` })

const notes = computed((): Tag[] => {
  const { value: layout } = page.layout
  if (!layout || !tags.value.notes) return []
  return pageNotes(layout).map(({ key, number, note, name, x, y }) => ({
    key: `note ${key}`,
    says: String(number),
    title: note || name,
    kind: 'note',
    style: at(x, y),
  }))
})
const items = computed((): Tag[] => {
  const { value: layout } = page.layout
  const found: Tag[] = []
  if (layout)
    eachBox(layout, ({ node, w }, x, y) => {
      const { isMissing, isGone, told, key, isPart } = node
      if (isPart || (!isMissing && !isGone && (told?.item === undefined || !tags.value.content))) return
      const number = told?.item === undefined ? '' : contentNumber(told.item)
      found.push({
        key: `item ${key}`,
        says: isGone ? 'gone' : isMissing ? `${number} missing`.trim() : number,
        title: isGone
          ? 'What it names was deleted'
          : isMissing
            ? 'Its content is not there yet'
            : 'The content item it shows',
        kind: isMissing || isGone ? 'missing' : 'content',
        style: at(x + w, y),
      })
    })
  return found
})
/** Pictures that are enlarged past their pixels. */
const enlarged = computed((): Tag[] => {
  const { value: layout } = page.layout
  if (!layout || page.as.value !== 'mockup') return []
  const keys = new Map(tooFewPixels(layout).map((one) => [one.key, one]))
  return [...page.placed.value.values()].flatMap(({ key, x, y, w }) => {
    const soft = keys.get(key)
    if (!soft?.isEnlarged) return []
    const title = `Shown ${soft.shown} px wide, and has ${soft.has} pixels`
    return [
      { key: `enlarged ${key}`, says: 'enlarged', title, kind: 'missing' as const, style: at(x + w, y) },
    ]
  })
})
const all = computed(() => [...items.value, ...enlarged.value, ...notes.value])
</script>

<template>
  <span
    v-for="tag in all"
    :key="tag.key"
    class="tag"
    :class="tag.kind"
    :title="tag.title"
    :style="tag.style"
    :data-tag="tag.kind"
    >{{ tag.says }}</span
  >
</template>

<style scoped>
.tag {
  position: absolute;
  z-index: 1;
  padding: 0 4px;
  color: var(--paper);
  font-weight: 600;
  font-size: 11px;
  line-height: 16px;
  white-space: nowrap;
  pointer-events: none;
}
.note {
  min-width: 16px;
  transform: translate(-8px, -10px);
  background: var(--ochre-text);
  text-align: center;
}
.content,
.missing {
  transform: translateX(-100%);
}
.content {
  background: var(--soft);
}
.missing {
  background: var(--brick);
}
</style>
