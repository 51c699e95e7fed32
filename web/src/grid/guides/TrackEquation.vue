<script setup lang="ts">
import { computed } from 'vue'
import FigureField from '../../forms/FigureField.vue'
import { sharedSize, type GuideTracks } from './useGuideSet'

/** Columns across or rows down, as the equation they are; the size that is shared is doubly underlined. */
const props = defineProps<{
  what: 'columns' | 'rows'
  length: number
  before: number
  after: number
  tracks: GuideTracks
}>()
const emit = defineEmits<{
  tracks: [tracks: GuideTracks]
  before: [px: number]
  after: [px: number]
  trouble: [says: string]
}>()

const names = computed(() =>
  props.what === 'columns'
    ? { one: 'column', before: 'left', after: 'right' }
    : { one: 'row', before: 'top', after: 'foot' },
)
const shared = computed(() => sharedSize(props.tracks, props.length, props.before, props.after))
const size = computed(() => props.tracks.size ?? shared.value)
const change = (more: Partial<GuideTracks>) => emit('tracks', { ...props.tracks, ...more })
const whole = (count: number | undefined) =>
  count === undefined ? undefined : Math.max(0, Math.round(count))
</script>

<template>
  <div class="equation">
    <b>{{ length }}</b>
    <span>=</span>
    <FigureField
      class="figure underlined"
      :label="names.before"
      :value="before"
      :percent-of="length"
      keeps
      @change="emit('before', $event ?? 0)"
      @trouble="emit('trouble', $event)"
    />
    <span>+</span>
    <FigureField
      class="figure underlined"
      :label="what"
      :value="tracks.count"
      placeholder="none"
      keeps
      @change="change({ count: whole($event) || undefined })"
      @trouble="emit('trouble', $event)"
    />
    <template v-if="tracks.count">
      <span>×</span>
      <FigureField
        class="figure underlined"
        :class="{ shared: tracks.size === undefined }"
        :label="tracks.size === undefined ? `${names.one}, shared` : names.one"
        :value="size"
        keeps
        @change="change({ size: $event })"
        @trouble="emit('trouble', $event)"
      />
      <span>+ {{ tracks.count - 1 }} ×</span>
      <FigureField
        class="figure underlined"
        label="gutter"
        :value="tracks.gutter"
        keeps
        @change="change({ gutter: $event ?? 0 })"
        @trouble="emit('trouble', $event)"
      />
    </template>
    <span>+</span>
    <FigureField
      class="figure underlined"
      :label="names.after"
      :value="after"
      :percent-of="length"
      keeps
      @change="emit('after', $event ?? 0)"
      @trouble="emit('trouble', $event)"
    />
    <span v-if="tracks.count && tracks.size !== undefined && shared !== undefined" class="soft">
      leaves {{ Math.round((shared - tracks.size) * tracks.count * 100) / 100 }}
    </span>
  </div>
</template>

<style scoped>
.equation {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: start;
  font-size: 17px;
  line-height: 30px;
}
.figure {
  width: 76px;
  font-size: 12px;
  line-height: 16px;
}
/* As in the bands' equation: the figure above what it is. */
.figure :deep(> span) {
  order: 2;
  text-align: center;
}
.figure :deep(.el-input__inner) {
  height: 28px;
  font-size: 17px;
  text-align: center;
}
.shared :deep(.el-input__wrapper) {
  border-bottom: 3px double var(--pine);
}
</style>
