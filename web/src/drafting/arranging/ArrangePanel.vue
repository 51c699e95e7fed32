<script setup lang="ts">
import { ElButton, ElCollapse, ElCollapseItem } from 'element-plus'
import { useLocalStorage } from '@vueuse/core'
import { ref } from 'vue'
import ChoiceField from '../../forms/ChoiceField.vue'
import FigureField from '../../forms/FigureField.vue'
import { useDraftingPage } from '../useDraftingPage'
import { useArranging, WITHIN } from './useArranging'

/** Bringing what is selected into line, spreading and grouping it, by mouse. */
const page = useDraftingPage()
const { within, align, spread, group, ungroup, wrap, stack } = useArranging(page)
const open = useLocalStorage<string[]>('nolvex-arrange-open', ['arrange'])
const gap = ref<number | undefined>(24)
const bySpread = () => (gap.value === undefined ? 'equal' : { gap: gap.value })
</script>

<template>
  <ElCollapse v-model="open" class="arrange">
    <ElCollapseItem name="arrange" title="Arrange">
      <ChoiceField
        label="Into line with"
        :value="within"
        :choices="WITHIN"
        @change="$event && (within = $event)"
      />
      <div class="row">
        <ElButton title="Left edges (Shift+L)" @click="align('x', 'start')">left</ElButton>
        <ElButton title="Centres (Shift+C)" @click="align('x', 'centre')">centre</ElButton>
        <ElButton title="Right edges (Shift+R)" @click="align('x', 'end')">right</ElButton>
      </div>
      <div class="row">
        <ElButton title="Top edges (Shift+T)" @click="align('y', 'start')">top</ElButton>
        <ElButton title="Middles (Shift+M)" @click="align('y', 'centre')">middle</ElButton>
        <ElButton title="Lower edges (Shift+F)" @click="align('y', 'end')">foot</ElButton>
        <ElButton title="Baselines of text (Shift+B)" @click="align('y', 'baseline')">base</ElButton>
      </div>
      <span class="soft">Spread evenly</span>
      <div class="row">
        <ElButton title="Equal gaps across (Shift+H)" @click="spread('x', 'equal')">across</ElButton>
        <ElButton title="Equal gaps down (Shift+V)" @click="spread('y', 'equal')">down</ElButton>
      </div>
      <div class="row by">
        <FigureField label="with a gap of" :value="gap" @change="gap = $event" />
        <ElButton title="From the first on, across" @click="spread('x', bySpread())">across</ElButton>
        <ElButton title="From the first on, down" @click="spread('y', bySpread())">down</ElButton>
      </div>
      <span class="soft">Together</span>
      <div class="row">
        <ElButton title="Into a box that reproduces them (Alt+G)" @click="group">group</ElButton>
        <ElButton title="Out of their box (Alt+Shift+G)" @click="ungroup">ungroup</ElButton>
        <ElButton title="Into a section of their own (Alt+W)" @click="wrap">section</ElButton>
      </div>
      <div class="row">
        <ElButton title="Over what it overlaps (Alt+PageUp)" @click="stack('front')">to front</ElButton>
        <ElButton title="Under what it overlaps (Alt+PageDown)" @click="stack('back')">to back</ElButton>
      </div>
      <div class="row">
        <ElButton title="Gaps onto the scale, edges into line (T)" @click="page.panel.value = 'trueUp'">
          True up…
        </ElButton>
        <ElButton
          title="Rows and columns from free places, and back (Alt+R)"
          @click="page.panel.value = 'structure'"
        >
          Structure…
        </ElButton>
      </div>
    </ElCollapseItem>
  </ElCollapse>
</template>

<style scoped>
.arrange :deep(.el-collapse-item__content) {
  display: grid;
  gap: 6px;
  padding-bottom: 10px;
}
.row {
  display: flex;
  gap: 4px;
  align-items: end;
}
.row .el-button {
  flex: 1 1 0;
  min-width: 0;
  height: 26px;
  margin: 0;
  padding: 0 4px;
  font-weight: 400;
}
.by .figure-field {
  flex: 0 0 84px;
}
.soft {
  margin-top: 2px;
  font-size: 12px;
}
</style>
