<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { nextTick, ref } from 'vue'
import LineInput from '../../forms/LineInput.vue'
import {
  cellsPasted,
  laidOver,
  MOST_COLUMNS,
  MOST_ROWS,
  squared,
  withColumn,
  withoutColumn,
  withoutRow,
  withRow,
} from './cellsEdited'

/** A table's cells to type in; rows and columns are pasted from a spreadsheet or a CSV file. One change when it is kept. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ cells: string[][] }>()
const emit = defineEmits<{ write: [cells: string[][]] }>()
const START = [
  ['', ''],
  ['', ''],
]
const cells = ref(squared(props.cells.length ? props.cells : START))

function type(row: number, column: number, text: string) {
  cells.value = laidOver(cells.value, row, column, [[text]])
}

function paste(event: ClipboardEvent, row: number, column: number) {
  const pasted = cellsPasted(event.clipboardData?.getData('text/plain') ?? '')
  if (!pasted) return
  event.preventDefault()
  cells.value = laidOver(cells.value, row, column, pasted)
}

/** A field that still has the keys writes what was typed when it loses them. */
async function keep() {
  ;(document.activeElement as HTMLElement | null)?.blur()
  await nextTick()
  emit('write', cells.value)
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Rows of the table" width="760" top="6vh" append-to-body>
    <p class="soft">
      The first row heads the columns. Paste from a spreadsheet or a CSV file into the cell it begins at.
    </p>
    <div class="scroll">
      <!-- So many cells, each typed in: the browser's own table and fields, which are there at once. -->
      <table>
        <tbody>
          <tr v-for="(row, down) in cells" :key="down">
            <td v-for="(cell, across) in row" :key="across" @paste="paste($event, down, across)">
              <LineInput
                is-light
                :class="{ head: down === 0 }"
                :label="down === 0 ? `Heading of column ${across + 1}` : `Row ${down}, column ${across + 1}`"
                :value="cell"
                :max="2000"
                @change="type(down, across, $event)"
              />
            </td>
            <td class="out">
              <ElButton
                v-if="down > 0"
                link
                :aria-label="`Take out row ${down}`"
                @click="cells = withoutRow(cells, down)"
                >×</ElButton
              >
            </td>
          </tr>
          <tr>
            <td v-for="(_, across) in cells[0]" :key="across">
              <ElButton
                v-if="cells[0].length > 1"
                link
                :aria-label="`Take out column ${across + 1}`"
                @click="cells = withoutColumn(cells, across)"
                >×</ElButton
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="row">
      <ElButton :disabled="cells.length >= MOST_ROWS" @click="cells = withRow(cells)">Add a row</ElButton>
      <ElButton :disabled="cells[0].length >= MOST_COLUMNS" @click="cells = withColumn(cells)"
        >Add a column</ElButton
      >
      <span class="end">
        <ElButton @click="open = false">Leave it</ElButton>
        <ElButton type="primary" @click="keep">Keep these rows</ElButton>
      </span>
    </div>
  </ElDialog>
</template>

<style scoped>
.scroll {
  max-height: 52vh;
  margin: 10px 0;
  overflow: auto;
}
table {
  border-collapse: collapse;
}
td {
  text-align: center;
}
td :deep(.light-input) {
  width: 128px;
  height: 28px;
  padding: 0 8px;
  background: #fff;
  border: 1px solid var(--hairline);
  border-radius: 0;
}
td :deep(.light-input.head) {
  font-weight: 600;
  border-bottom-color: var(--ink);
}
.row {
  display: flex;
  gap: 6px;
}
.end {
  margin-left: auto;
}
</style>
