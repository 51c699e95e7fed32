<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, watch } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import { insideOf, type Found } from '@nolvex/core/snap/structure/found'
import {
  largestShift,
  placeFreely,
  structureChange,
  structureWords,
} from '@nolvex/core/snap/structure/structureChange'
import { newId } from '../../session/newId'
import { useDraftingPage } from '../useDraftingPage'

/** Freely placed blocks as the rows, columns and grids they stand in: what was found, how far it moves them, and back. */
const page = useDraftingPage()

/** What is selected where it places blocks freely, else what that stands in. */
const container = computed(() => {
  const [one] = page.selected.value
  const parent = one?.parent ? page.placed.value.get(one.parent) : undefined
  return one?.box.children.length ? one : (parent ?? one)
})
const isFree = computed(() => container.value?.box.arrange === 'placed')
const found = computed(() =>
  container.value && isFree.value ? structureChange(page.drawn.value, container.value, newId) : undefined,
)
const change = computed(() => (found.value && 'operations' in found.value ? found.value : undefined))
const reason = computed(() => (found.value && 'reason' in found.value ? found.value.reason : ''))
const stood = computed(() => (change.value ? page.standAfter(change.value.operations) : undefined))
const shift = computed(() =>
  stood.value ? largestShift(page.placed.value, stood.value.placed, page.placed.value.keys()) : 0,
)

interface Line {
  depth: number
  words: string
}
const lines = computed(() => {
  const nameOf = (key: string) => page.nameOf(key)
  const walk = (one: Found, depth: number): Line[] => [
    { depth, words: one.type === 'holder' ? `${nameOf(one.key)}, around` : structureWords(one, nameOf) },
    ...insideOf(one).flatMap((inner) => walk(inner, depth + 1)),
  ]
  return change.value ? walk(change.value.structure.found, 0) : []
})

watch(
  stood,
  (after) => {
    page.landing.value = change.value?.operations
    const known = page.placed.value
    page.marked.value = [...(after?.placed.values() ?? [])]
      .filter(({ key }) => !known.has(key))
      .map((one) => ({ id: one.key, rect: one, says: one.box.node.name }))
  },
  { immediate: true },
)

function make() {
  if (!container.value || !change.value) return
  page.change(`Arrange ${page.nameOf(container.value.key)}`, change.value.operations)
}
function free() {
  if (!container.value) return
  page.change(
    `Place freely in ${page.nameOf(container.value.key)}`,
    placeFreely(page.drawn.value, container.value),
  )
}
</script>

<template>
  <p v-if="!container" class="soft">
    Select a block whose blocks are placed freely, or one of those. What stands in it then becomes rows,
    columns and grids that flow.
  </p>
  <template v-else-if="isFree">
    <p>
      In <b dir="auto">{{ page.nameOf(container.key) }}</b>:
    </p>
    <template v-if="change">
      <ol>
        <li
          v-for="(line, index) in lines"
          :key="index"
          :style="{ paddingLeft: `${line.depth * 14}px` }"
          dir="auto"
        >
          {{ line.words }}
        </li>
      </ol>
      <p>
        Nothing moves by more than <b>{{ roundTo(shift, 1) }} px</b>. The page shows it already. Afterwards
        all of it flows, and texts keep to their lines.
      </p>
      <ElButton type="primary" @click="make">Arrange it so</ElButton>
    </template>
    <p v-else class="soft">{{ reason }}</p>
  </template>
  <template v-else>
    <p>
      <b dir="auto">{{ page.nameOf(container.key) }}</b> arranges what stands in it
      {{ { row: 'in a row', column: 'in a column', grid: 'on tracks', placed: '' }[container.box.arrange] }}.
      Placed freely, everything stays where it stands now and can be moved by hand.
    </p>
    <ElButton @click="free">Place its blocks freely</ElButton>
  </template>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 6px 10px;
  background: var(--desk);
  list-style: none;
}
.el-button {
  align-self: start;
}
</style>
