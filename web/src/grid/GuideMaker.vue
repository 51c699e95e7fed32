<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { ref } from 'vue'
import type { SetGuide } from '@nolvex/core/grid/guide'
import { layGuides } from '@nolvex/core/grid/guideLayout'
import TroubleNote from '../forms/TroubleNote.vue'
import FigureField from '../forms/FigureField.vue'

/** A whole set of guides asked for by figures: columns, rows and margins, in the middle or not. */
const props = defineProps<{ ground: { width: number; height: number } }>()
const emit = defineEmits<{ make: [work: () => SetGuide[], replacing: boolean] }>()
const columns = ref<{ count?: number; gutter?: number; size?: number }>({ count: 12, gutter: 24 })
const rows = ref<{ count?: number; gutter?: number; size?: number }>({})
const margins = ref<Partial<Record<'left' | 'right' | 'top' | 'bottom', number>>>({ left: 64, right: 64 })
const centred = ref(false)
const replacing = ref(false)
const trouble = ref('')

const SIDES = ['left', 'right', 'top', 'bottom'] as const
const TRACKS = [
  { label: 'Columns', tracks: columns, size: 'wide' },
  { label: 'Rows', tracks: rows, size: 'high' },
]

function work(): SetGuide[] {
  const asked = ({ count, gutter = 0, size }: (typeof columns)['value']) =>
    count === undefined ? undefined : { count, gutter, size }
  const [across, down] = [asked(columns.value), asked(rows.value)]
  const hasMargins = SIDES.some((side) => margins.value[side] !== undefined)
  const { left = 0, right = 0, top = 0, bottom = 0 } = margins.value
  return layGuides(
    {
      columns: across && { ...across, width: across.size },
      rows: down && { ...down, height: down.size },
      margins: hasMargins ? { left, right, top, bottom } : undefined,
      centred: centred.value,
    },
    props.ground,
  )
}
</script>

<template>
  <form class="maker" @submit.prevent="emit('make', work, replacing)">
    <b>Make a set on {{ ground.width }} × {{ ground.height }}</b>
    <template v-for="{ label, tracks, size } in TRACKS" :key="label">
      <FigureField
        class="figure"
        :label="label"
        :value="tracks.value.count"
        placeholder="none"
        @change="tracks.value = { ...tracks.value, count: $event }"
        @trouble="trouble = $event"
      />
      <FigureField
        class="figure"
        label="gutter"
        :value="tracks.value.gutter"
        @change="tracks.value = { ...tracks.value, gutter: $event }"
        @trouble="trouble = $event"
      />
      <FigureField
        class="figure"
        :label="size"
        :value="tracks.value.size"
        placeholder="shared"
        @change="tracks.value = { ...tracks.value, size: $event }"
        @trouble="trouble = $event"
      />
    </template>
    <FigureField
      v-for="side in SIDES"
      :key="side"
      class="figure"
      :label="side"
      :value="margins[side]"
      placeholder="0"
      :percent-of="side === 'left' || side === 'right' ? ground.width : ground.height"
      @change="margins = { ...margins, [side]: $event }"
      @trouble="trouble = $event"
    />
    <span class="options">
      <ElCheckbox v-model="centred">in the middle</ElCheckbox>
      <ElCheckbox v-model="replacing">in place of those there</ElCheckbox>
      <ElButton type="primary" native-type="submit">Make the guides</ElButton>
    </span>
    <TroubleNote :says="trouble" />
  </form>
</template>

<style scoped>
.maker {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: end;
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
b,
p {
  width: 100%;
}
.figure {
  width: 64px;
}
.options {
  display: flex;
  gap: 14px;
  align-items: center;
}
</style>
