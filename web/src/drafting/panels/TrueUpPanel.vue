<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import { trueMoves, type TrueMove } from '@nolvex/core/snap/trueUp/trueMoves'
import { useDraftingPage } from '../useDraftingPage'
import { useSpacingStep } from '../useSpacingStep'

/** What truing up would change: each move with its size, shown on the page, made one at a time or all. */
const page = useDraftingPage()
const step = useSpacingStep()
/** what is trued up stays the same while moves are made, whatever is selected meanwhile */
const scope = ref([...page.selection.value])
const moves = computed(() => trueMoves(page.drawn.value, scope.value, step.value))
const left = ref<ReadonlySet<string>>(new Set())
const ticked = computed(() => moves.value.filter(({ id }) => !left.value.has(id)))
const pointed = ref<string>()

const scopeWords = computed(() => {
  if (scope.value.length === 0) return 'the whole page'
  return scope.value.length === 1 ? page.nameOf(scope.value[0]) : `${scope.value.length} blocks`
})
const permitted = computed(() => page.scale.value.map(({ px }) => px).join(', '))

/** The page as it would stand, and where what moves stands now. */
watch(
  [ticked, pointed],
  () => {
    page.landing.value = ticked.value.flatMap(({ operations }) => operations)
    page.marked.value = ticked.value.flatMap(({ id, key, size }) => {
      const rect = page.placed.value.get(key)
      const says = id === pointed.value ? `${roundTo(size, 1)} px` : undefined
      return rect ? [{ id, rect, says }] : []
    })
  },
  { immediate: true },
)

function turn({ id }: TrueMove, isOn: boolean) {
  const next = new Set(left.value)
  if (isOn) next.delete(id)
  else next.add(id)
  left.value = next
}
function make(some: TrueMove[]) {
  const label = some.length === 1 ? `True up ${page.nameOf(some[0].key)}` : `True up ${some.length} places`
  page.change(
    label,
    some.flatMap(({ operations }) => operations),
  )
}
</script>

<template>
  <p>
    <b dir="auto">{{ scopeWords }}</b> at {{ page.band.value.name }}, onto gaps of {{ permitted }} and sizes
    of {{ step }} px.
    <ElButton v-if="scope.length" link @click="scope = []">The whole page</ElButton>
    <ElButton v-else-if="page.selection.value.length" link @click="scope = [...page.selection.value]">
      Only what is selected
    </ElButton>
  </p>
  <template v-if="moves.length">
    <div class="acts">
      <ElButton type="primary" :disabled="!ticked.length" @click="make(ticked)">
        {{ ticked.length === moves.length ? `Make all ${moves.length}` : `Make ${ticked.length}` }}
      </ElButton>
      <span class="soft">The page shows them already.</span>
    </div>
    <ul>
      <li
        v-for="move in moves"
        :key="move.id"
        @pointerenter="pointed = move.id"
        @pointerleave="pointed = undefined"
      >
        <ElCheckbox
          :model-value="!left.has(move.id)"
          :aria-label="`True up ${page.nameOf(move.key)}`"
          @change="turn(move, $event as boolean)"
        />
        <span class="what">
          <ElButton link @click="page.select([move.key])">
            <span dir="auto">{{ page.nameOf(move.key) }}</span>
          </ElButton>
          <span class="figures">
            <template v-for="(figure, index) in move.figures" :key="figure.what">
              <template v-if="index">, </template>{{ figure.what }} {{ figure.from }} → <b>{{ figure.to }}</b>
            </template>
          </span>
        </span>
        <span class="size soft">{{ roundTo(move.size, 1) }} px</span>
        <ElButton link :aria-label="`Make this one: ${page.nameOf(move.key)}`" @click="make([move])"
          >Make</ElButton
        >
      </li>
    </ul>
  </template>
  <p v-else class="soft">
    All is true: every gap is on the scale and edges that nearly meet are in line. Nothing is to be done.
  </p>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px dotted var(--edge);
}
li:hover {
  background: var(--desk);
}
.what {
  display: grid;
  flex: 1;
  justify-items: start;
  min-width: 0;
}
.what :deep(.el-button) {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}
.figures {
  font-size: 12px;
  font-variant-numeric: tabular-nums;
}
.size {
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.acts {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
