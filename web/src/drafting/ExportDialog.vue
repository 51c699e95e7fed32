<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import TroubleNote from '../forms/TroubleNote.vue'
import { useExport } from '../session/useExport'

const props = defineProps<{ page: string; width: number }>()
const open = defineModel<boolean>({ required: true })
const { running, trouble, take, cancel } = useExport()

const kinds = [
  { label: 'SVG', about: 'The page at this width, words selectable', input: { format: 'svg' } },
  { label: 'PNG', about: 'The page at this width, 1x', input: { format: 'png', scale: 1 } },
  { label: 'PNG 2x', about: 'The same for sharp screens', input: { format: 'png', scale: 2 } },
  {
    label: 'HTML',
    about: 'All bands in one page with its fonts and pictures, in a zip',
    input: { format: 'html' },
  },
]
</script>

<template>
  <ElDialog v-model="open" title="Take the page away" width="460">
    <ul>
      <li v-for="kind in kinds" :key="kind.label">
        <div>
          <b>{{ kind.label }}</b>
          <span class="soft">{{ kind.about }}</span>
        </div>
        <ElButton
          :disabled="running !== undefined"
          :data-export="kind.label"
          @click="take(kind.label, { ...kind.input, page: props.page, width: props.width })"
        >
          Take
        </ElButton>
      </li>
    </ul>
    <p v-if="running" role="status">
      Making the {{ running.label }}… <ElButton link @click="cancel">Cancel</ElButton>
    </p>
    <TroubleNote :says="trouble" />
  </ElDialog>
</template>

<style scoped>
ul {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}
li div {
  display: grid;
}
.trouble {
  color: var(--brick);
  font-weight: 600;
}
</style>
