<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { cssLength } from '@nolvex/core/units/length'
import { tokenColour } from '@nolvex/core/style/token'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { DRESSED_KINDS } from '../partsOfKinds'
import PartSpecimen from '../PartSpecimen.vue'
import { tokenSays, type KitItem } from './kitItems'
import KitPicture from './KitPicture.vue'
import { leadOf, type KitSource } from './kitSource'
import { useGuidePages } from '../useGuidePages'

/** One thing a kit has, with a tick to choose it by. */
const props = defineProps<{
  item: KitItem
  source: KitSource
  isChosen: boolean
  isCurrent: boolean
  /** what is said of it below its name */
  says?: string
}>()
const emit = defineEmits<{ choose: [isChosen: boolean]; look: [] }>()
const { lead } = useGuidePages()
const band = computed(() => leadOf(props.source))
const dressed = computed(() => DRESSED_KINDS.find(({ kind }) => kind === props.item.part?.kind))
const colour = computed(() => {
  const { token } = props.item
  return token?.type === 'colour' ? tokenColour(props.source.style.records.tokens, token.id) : undefined
})
/** px of a length that can be shown as it is */
const length = computed(() => {
  const { token } = props.item
  if (token?.type !== 'length' || !('unit' in token.value)) return undefined
  return `min(100%, ${cssLength(token.value)})`
})
const levelLook = computed(() => {
  const { level } = props.item
  if (!level) return {}
  const { size } = level
  const px = 'unit' in size && size.unit === 'rem' ? size.value * usualEnvironment.initialFont : undefined
  const shown = 'unit' in size && size.unit === 'px' ? size.value : (px ?? 16)
  return {
    fontFamily: `"${level.family}"`,
    fontWeight: level.weight,
    fontStyle: level.italic ? 'italic' : 'normal',
    fontSize: `${Math.min(40, shown)}px`,
  }
})
</script>

<template>
  <article class="kit-tile" :class="{ current: isCurrent, chosen: isChosen }" :data-item="item.id">
    <div class="shown" @click="emit('choose', !isChosen)" @dblclick="item.root && emit('look')">
      <KitPicture
        v-if="item.root"
        :source="source.key"
        :stamp="source.stamp"
        :drawing="item.records[0]"
        :root="item.root"
        :band="band"
        :label="item.name"
      />
      <PartSpecimen
        v-else-if="dressed"
        :kind="dressed"
        :variant="item.part?.variant"
        :band="lead"
        :style="source.style"
      />
      <span v-else-if="colour" class="swatch" :style="{ background: colour }" />
      <span v-else-if="length" class="length" :style="{ width: length }" />
      <span v-else-if="item.level" class="level" :style="levelLook">{{ item.name }}</span>
      <span v-else class="soft">{{ item.token ? tokenSays(item.token, source.style) : item.name }}</span>
    </div>
    <div class="said">
      <ElCheckbox
        :model-value="isChosen"
        :aria-label="`Choose ${item.name}`"
        @update:model-value="emit('choose', Boolean($event))"
        ><span class="name" dir="auto">{{ item.name }}</span></ElCheckbox
      >
      <span class="soft says">{{ says ?? (item.token ? tokenSays(item.token, source.style) : '') }}</span>
    </div>
  </article>
</template>

<style scoped>
.kit-tile {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
  overflow: hidden;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.kit-tile.chosen {
  border-color: var(--pine);
  box-shadow: inset 0 0 0 1px var(--pine);
}
.kit-tile.current {
  outline: 2px solid var(--pine);
  outline-offset: 2px;
}
.shown {
  display: flex;
  flex: 1;
  align-items: center;
  justify-content: center;
  min-height: 0;
  margin: 8px 8px 0;
  overflow: hidden;
  cursor: pointer;
}
.shown :deep(svg) {
  max-width: 100%;
  max-height: 100%;
}
.swatch {
  width: 100%;
  height: 100%;
  border: 1px solid var(--edge);
}
.length {
  height: 12px;
  background: var(--soft);
}
.level {
  color: var(--ink);
  white-space: nowrap;
}
.said {
  display: flex;
  flex: none;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  height: 34px;
  padding: 0 8px;
}
.said .el-checkbox {
  min-width: 0;
}
.name {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
}
.says {
  flex: none;
}
</style>
