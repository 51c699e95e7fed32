<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import { readIndentedText } from '@nolvex/core/formats/indentedText'

const props = defineProps<{ below?: string }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ add: [entries: { title: string; depth: number }[]] }>()
const text = ref('')

const outline = computed(() => readIndentedText(text.value))
const MOST = 4000
const trouble = computed(() =>
  outline.value.entries.length > MOST
    ? `At most ${MOST} pages can be added at once; this list has ${outline.value.entries.length}.`
    : '',
)

function add() {
  emit('add', outline.value.entries)
  text.value = ''
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Paste a list of pages" width="640">
    <p class="soft">
      One page a line, indented by tabs or spaces under the page it belongs to. Bullets and numbers are left
      out.
    </p>
    <div class="halves">
      <textarea
        v-model="text"
        aria-label="List of pages"
        placeholder="Home&#10;  Timetable&#10;  Fares&#10;    Refunds"
        @keydown.tab.exact.prevent="text += '\t'"
      />
      <ol class="preview" aria-label="What will be added">
        <li v-if="outline.entries.length === 0" class="soft">What will be added shows here.</li>
        <li
          v-for="(entry, index) in outline.entries.slice(0, 200)"
          :key="index"
          :style="{ paddingLeft: `${entry.depth * 16}px` }"
          dir="auto"
        >
          {{ entry.title }}
        </li>
        <li v-if="outline.entries.length > 200" class="soft">and {{ outline.entries.length - 200 }} more</li>
      </ol>
    </div>
    <ul v-if="outline.remarks.length" class="remarks">
      <li v-for="(remark, index) in outline.remarks.slice(0, 4)" :key="index">
        Line {{ remark.line }}: {{ remark.remark }}
      </li>
      <li v-if="outline.remarks.length > 4">and {{ outline.remarks.length - 4 }} more remarks</li>
    </ul>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="do">
      <button class="action main" :disabled="outline.entries.length === 0 || trouble !== ''" @click="add">
        {{ outline.entries.length === 1 ? 'Add 1 page' : `Add ${outline.entries.length} pages` }}
        {{ props.below ? `below ${props.below}` : 'to the map' }}
      </button>
      <button class="action" @click="open = false">Cancel</button>
    </div>
  </ElDialog>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-top: 12px;
}
textarea,
.preview {
  height: 260px;
  margin: 0;
  padding: 8px;
  overflow: auto;
  border: 1px solid var(--edge);
  background: #fff;
  resize: none;
  tab-size: 2;
}
.preview {
  border-color: var(--hairline);
  background: none;
  list-style: none;
}
.remarks {
  margin: 8px 0 0;
  padding: 0;
  color: var(--ochre-text);
  list-style: none;
}
.trouble {
  margin-top: 8px;
  color: var(--brick);
}
.do {
  display: flex;
  gap: 8px;
  margin-top: 12px;
}
</style>
