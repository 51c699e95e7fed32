<script setup lang="ts">
import { ElButton, ElCheckbox, ElInput, type InputInstance } from 'element-plus'
import { useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import { shelfItems, type ShelfItem } from '@nolvex/core/block/shelf'
import { followDrag, type DragHandlers } from '../gestures/followDrag'
import { useProject } from '../session/projectStore'
import { sharedItems } from './shared/sharedItems'
import { useDraftingPage } from './useDraftingPage'

const props = defineProps<{
  /** Begins to drag a new block over the page. */
  bring: (item: ShelfItem) => DragHandlers | undefined
}>()
const emit = defineEmits<{ put: [item: ShelfItem]; patterns: []; shared: [] }>()
const typed = ref('')
const field = ref<InputInstance>()
/** whether what is pressed is then drawn on the page, or put into what is selected */
const isDrawn = useLocalStorage('nolvex-draws', false)
const page = useDraftingPage()

const project = useProject()
const shared = computed(() => sharedItems(project.style, project.around))
const offered = computed(() => {
  const { without = {} } = project.site.records.settings.site
  return shelfItems.filter(({ block }) => !without[block.kind])
})
function matching(items: ShelfItem[]) {
  const word = typed.value.trim().toLowerCase()
  return items.filter(({ label, also }) => `${label} ${also}`.toLowerCase().includes(word))
}
const lists = computed(() =>
  [
    { name: 'shared', items: matching(shared.value) },
    { name: 'blocks', items: matching(offered.value) },
  ].filter(({ items }) => items.length > 0),
)
const found = computed(() => lists.value.flatMap(({ items }) => items))

function put(item: ShelfItem | undefined) {
  if (!item) return
  emit('put', item)
  typed.value = ''
}

/** What is pulled is shown at the pointer. */
const pulled = ref<{ label: string; x: number; y: number }>()
/** The browser sends a click after a pull, too. */
let wasPulled = false

function pull(item: ShelfItem, event: PointerEvent) {
  wasPulled = false
  if (event.button !== 0) return
  let onPage: DragHandlers | undefined
  followDrag(event, {
    begin: () => {
      wasPulled = true
      onPage = props.bring(item)
    },
    move: (dx, dy, now) => {
      pulled.value = { label: item.label, x: now.clientX, y: now.clientY }
      onPage?.move(dx, dy, now)
    },
    end: (kept) => {
      pulled.value = undefined
      onPage?.end?.(kept)
    },
  })
}

function press(item: ShelfItem, { detail }: MouseEvent) {
  const isByKey = detail === 0
  if (!isByKey && wasPulled) return
  if (isDrawn.value && !isByKey) page.toDraw.value = page.toDraw.value?.id === item.id ? undefined : item
  else put(item)
}

defineExpose({ focus: () => field.value?.focus() })
</script>

<template>
  <div class="shelf">
    <ElInput
      ref="field"
      v-model="typed"
      placeholder="Type to find a block"
      aria-label="Find something to put on the page"
      @keydown.enter="put(found[0])"
      @keydown.esc="field?.blur()"
    />
    <div class="ways">
      <ElButton @click="emit('patterns')">Patterns…</ElButton>
      <ElButton @click="emit('shared')">Shared…</ElButton>
    </div>
    <ElCheckbox v-model="isDrawn" class="draws">Draw it where it is to stand</ElCheckbox>
    <div class="items">
      <template v-for="{ name, items } in lists" :key="name">
        <span v-if="name === 'shared'" class="soft heading">Shared blocks</span>
        <span v-else-if="lists.length > 1" class="soft heading">Blocks</span>
        <ElButton
          v-for="item in items"
          :key="item.id"
          :data-shelf="item.id"
          :type="page.toDraw.value?.id === item.id ? 'primary' : undefined"
          :title="
            isDrawn
              ? `Press, then draw a ${item.label.toLowerCase()} on the page`
              : `Pull onto the page, or press to put a ${item.label.toLowerCase()} into what is selected`
          "
          @pointerdown="pull(item, $event)"
          @click="press(item, $event)"
        >
          {{ item.label }}
        </ElButton>
      </template>
    </div>
    <p v-if="found.length === 0" class="soft">Nothing on the shelf is called that.</p>
    <span v-if="pulled" class="pulled" :style="{ left: `${pulled.x}px`, top: `${pulled.y}px` }">
      {{ pulled.label }}
    </span>
  </div>
</template>

<style scoped>
.shelf {
  flex: none;
  padding: 12px;
  border-top: 1px solid var(--hairline);
}
.ways {
  display: flex;
  gap: 4px;
  margin-top: 8px;
}
.ways .el-button {
  flex: 1 1 auto;
  margin: 0;
  padding: 0 8px;
}
.heading {
  flex: 0 0 100%;
  font-size: 11px;
}
.items {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  max-height: min(164px, 18vh);
  margin-top: 4px;
  overflow: auto;
}
.draws {
  margin-top: 6px;
}
.items .el-button {
  height: 26px;
  padding: 0 8px;
  font-weight: 400;
  touch-action: none;
}
.pulled {
  position: fixed;
  z-index: 10;
  padding: 2px 8px;
  color: var(--paper);
  pointer-events: none;
  background: var(--pine);
  transform: translate(12px, 12px);
}
</style>
