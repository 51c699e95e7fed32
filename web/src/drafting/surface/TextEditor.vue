<script setup lang="ts">
import { ElButton } from 'element-plus'
import 'quill/dist/quill.core.css'
import Quill, { type Range } from 'quill'
import type Inline from 'quill/blots/inline'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { LONGEST_TEXT, textDifference, type RichText } from '@nolvex/core/document/richText'
import type { Box } from '@nolvex/core/layout/box'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { useDraftingPage } from '../useDraftingPage'
import LinkAddress from './LinkAddress.vue'

const props = defineProps<{ placed: Placed; zoom: number }>()
const page = useDraftingPage()
const element = ref<HTMLElement>()
const marks = ref<Record<string, unknown>>({})
const { key, record: id } = props.placed
const { text: before, isPlain } = page.textOf(key)
let quill: Quill | undefined
const takesLinks = computed(() => {
  const { content } = props.placed.box.node
  return content.type === 'text' && content.takesLinks
})

function wordsIn(box: Box): Box | undefined {
  if (box.paragraph) return box
  for (const child of box.children) {
    const found = child.node.isPart ? wordsIn(child) : undefined
    if (found) return found
  }
  return undefined
}

const style = computed(() => {
  const { box, x, y, w, h } = props.placed
  // A block made of parts is written in as its first words are set.
  const { node, font } = wordsIn(box) ?? box
  const text = node.look.level
  const size = font?.size ?? 16
  return {
    left: `${x * props.zoom}px`,
    top: `${y * props.zoom}px`,
    width: `${w}px`,
    minHeight: `${h}px`,
    padding: `${box.insetTop}px ${box.insetRight}px ${box.insetBottom}px ${box.insetLeft}px`,
    transform: `scale(${props.zoom})`,
    fontFamily: `"${text.family}", sans-serif`,
    fontSize: `${size}px`,
    fontWeight: String(text.weight),
    lineHeight: `${font?.lineHeight ?? 24}px`,
    textAlign: ({ start: 'left', centre: 'center', end: 'right' } as const)[node.look.textAlign],
  }
})

onMounted(() => {
  if (!element.value) return
  quill = new Quill(element.value, {
    formats: isPlain ? [] : ['bold', 'italic', 'small', 'link'],
    modules: { toolbar: false, keyboard: { bindings } },
  })
  quill.setContents([...before, { insert: '\n' }] as never)
  quill.history.clear()
  quill.on('editor-change', () => (marks.value = quill?.getSelection() ? quill.getFormat() : marks.value))
  quill.on('text-change', refuseTooMuch)
  quill.root.setAttribute('aria-label', `Text of ${page.nameOf(key)}`)
  quill.focus()
  quill.setSelection(0, quill.getLength())
})
onBeforeUnmount(keep)

/** What would not fit is not taken; what was there stays. */
function refuseTooMuch() {
  const over = (quill?.getLength() ?? 0) - 1 - LONGEST_TEXT
  if (over <= 0) return
  const most = LONGEST_TEXT.toLocaleString('en')
  page.trouble.value = `A text holds at most ${most} characters; this is ${over.toLocaleString('en')} too many. Put it into several texts.`
  quill?.history.undo()
}

const bindings = {
  leave: { key: 'Escape', handler: () => close() },
  done: { key: 'Enter', ctrlKey: true, handler: () => close() },
  tab: { key: 'Tab', handler: () => close() },
}

function close(): boolean {
  page.editing.value = undefined
  return false
}

/** What is in the editor without the line break it always ends with. */
function text(): RichText {
  const ops = (quill?.getContents().ops ?? []) as RichText
  const last = ops.at(-1)
  if (!last?.insert.endsWith('\n')) return ops
  const trimmed = { ...last, insert: last.insert.slice(0, -1) }
  return trimmed.insert ? [...ops.slice(0, -1), trimmed] : ops.slice(0, -1)
}

function keep() {
  if (!quill || !page.blocks.value[id]) return
  const now = text()
  if (textDifference(before, now).length) page.writeText(key, now)
  quill = undefined
}

function mark(name: 'bold' | 'italic' | 'small') {
  quill?.format(name, !marks.value[name], 'user')
}

/** The words a link is asked for: they are no longer selected once the keys are in its field. */
const linked = ref<Range>()

function askLink() {
  linked.value = quill?.getSelection() ?? undefined
}

function link(address: string) {
  if (linked.value) quill?.setSelection(linked.value)
  quill?.format('link', address || false, 'user')
  linked.value = undefined
}

function leaveLink() {
  if (linked.value) quill?.setSelection(linked.value)
  linked.value = undefined
}

function leave(event: FocusEvent) {
  const next = event.relatedTarget as HTMLElement | null
  if (!(event.currentTarget as HTMLElement).contains(next)) close()
}
</script>

<script lang="ts">
const InlineBlot = Quill.import('blots/inline') as typeof Inline

/** Small print, which Quill does not know. */
class SmallBlot extends InlineBlot {
  static override blotName = 'small'
  static override tagName = 'SMALL'
}
Quill.register('formats/small', SmallBlot, true)
</script>

<template>
  <div class="holder" @focusout="leave" @pointerdown.stop @dblclick.stop>
    <div
      v-if="!isPlain"
      class="marks"
      :style="{ left: `${placed.x * zoom}px`, top: `${placed.y * zoom - 6}px` }"
      role="toolbar"
      aria-label="Text marks"
    >
      <ElButton
        tabindex="-1"
        :aria-pressed="!!marks.bold"
        title="Bold (Ctrl+B)"
        @mousedown.prevent="mark('bold')"
      >
        <b>Bold</b>
      </ElButton>
      <ElButton
        tabindex="-1"
        :aria-pressed="!!marks.italic"
        title="Italic (Ctrl+I)"
        @mousedown.prevent="mark('italic')"
      >
        <i>Italic</i>
      </ElButton>
      <ElButton tabindex="-1" :aria-pressed="!!marks.small" @mousedown.prevent="mark('small')">
        <small>Small</small>
      </ElButton>
      <ElButton v-if="takesLinks" tabindex="-1" :aria-pressed="!!marks.link" @mousedown.prevent="askLink">
        Link…
      </ElButton>
      <LinkAddress v-if="linked" :address="String(marks.link ?? '')" @keep="link" @leave="leaveLink" />
    </div>
    <div class="text" :style="style"><div ref="element" /></div>
  </div>
</template>

<style scoped>
.marks {
  position: absolute;
  z-index: 3;
  display: flex;
  align-items: end;
  transform: translateY(-100%);
  background: var(--paper);
  border: 1px solid var(--ink);
}
.marks .el-button {
  height: 26px;
  padding: 0 9px;
  border-color: transparent;
  border-radius: 0;
  font-weight: 400;
}
.text {
  position: absolute;
  z-index: 2;
  background: #fff;
  color: #2b3330;
  outline: 2px solid var(--ochre);
  transform-origin: 0 0;
  user-select: text;
}
.text :deep(.ql-container) {
  height: auto;
  font: inherit;
}
.text :deep(.ql-editor) {
  padding: 0;
  overflow: visible;
  line-height: inherit;
  text-align: inherit;
  overflow-wrap: anywhere;
}
.text :deep(.ql-editor p) {
  margin: 0;
}
.text :deep(small) {
  font-size: 0.8em;
  line-height: 0;
}
</style>
