<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { computed } from 'vue'
import { OVERLAYS, type OverlayName } from '@nolvex/core/site/gridPlan'
import ChoiceField from '../forms/ChoiceField.vue'
import { OVERLAY_KEYS, useOverlays } from '../grid/useOverlays'
import { useViewport } from '../screens/useViewport'
import { useDraftingPage } from './useDraftingPage'

/** What is shown over and around the page: lines, rulers, the browser frame, folds; and what blocks snap to. */
const page = useDraftingPage()
const { shown, rulers, snapping } = useOverlays()
const { chosen, choose, screens, frames, screen, frame, viewport } = useViewport()
const names = Object.keys(OVERLAYS) as OverlayName[]
const KINDS = { blocks: 'Other blocks', columns: 'Columns', rows: 'Rows', guides: 'Guides' } as const

const screenChoices = computed(() =>
  Object.fromEntries(
    screens.value.map(({ key, name, width, height }) => [key, `${name} ${width} × ${height}`]),
  ),
)
const frameChoices = computed(() => Object.fromEntries(frames.value.map(({ key, name }) => [key, name])))

function setScreen(key: string | undefined) {
  if (!key) return
  choose({ screen: key })
  fit()
}
/** Draws the page as wide as the frame leaves it. */
function fit() {
  if (viewport.value) page.width.value = Math.min(1920, Math.max(320, viewport.value.width))
}
function setFramed(isFramed: boolean) {
  choose({ isFramed })
  if (isFramed) fit()
}
const toggleFold = (key: string) =>
  choose({
    folds: chosen.value.folds.includes(key)
      ? chosen.value.folds.filter((one) => one !== key)
      : [...chosen.value.folds, key],
  })
</script>

<template>
  <ElPopover trigger="click" placement="bottom-end" :width="320" :teleported="true" :show-arrow="false">
    <template #reference>
      <button class="action">Show…</button>
    </template>
    <div class="show">
      <h3>Lines</h3>
      <div class="two">
        <label v-for="name in names" :key="name">
          <input v-model="shown[name]" type="checkbox" /> {{ OVERLAYS[name] }}
          <kbd>{{ OVERLAY_KEYS[name] }}</kbd>
        </label>
        <label><input v-model="rulers" type="checkbox" /> Rulers <kbd>U</kbd></label>
      </div>
      <h3>Screen and browser</h3>
      <ChoiceField label="Screen" :value="screen.key" :choices="screenChoices" @change="setScreen" />
      <ChoiceField
        label="Browser frame"
        :value="frame.key"
        :choices="frameChoices"
        @change="$event && choose({ frame: $event })"
      />
      <p v-if="viewport" class="soft">
        Leaves {{ viewport.width }} × {{ viewport.height
        }}<template v-if="viewport.scrollBar">, {{ viewport.pageWidth }} beside the scroll bar</template>.
      </p>
      <p v-else class="trouble-text">This frame leaves nothing of this screen.</p>
      <div class="two">
        <label
          ><input
            type="checkbox"
            :checked="chosen.isFramed"
            @change="setFramed(($event.target as HTMLInputElement).checked)"
          />
          Browser frame <kbd>M</kbd></label
        >
        <label
          ><input
            type="checkbox"
            :checked="chosen.scrollBars"
            @change="choose({ scrollBars: ($event.target as HTMLInputElement).checked })"
          />
          Scroll bar</label
        >
      </div>
      <details>
        <summary>Folds of other screens too</summary>
        <label v-for="one in screens" :key="one.key">
          <input type="checkbox" :checked="chosen.folds.includes(one.key)" @change="toggleFold(one.key)" />
          {{ one.name }}
        </label>
      </details>
      <h3>Blocks snap to</h3>
      <div class="two">
        <label v-for="(words, kind) in KINDS" :key="kind">
          <input v-model="snapping[kind]" type="checkbox" /> {{ words }}
        </label>
      </div>
    </div>
  </ElPopover>
</template>

<style scoped>
.show {
  display: grid;
  gap: 8px;
  max-height: 70vh;
  overflow: auto;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
}
label {
  color: var(--ink);
}
details label {
  display: block;
}
summary {
  cursor: pointer;
}
kbd {
  color: var(--soft);
  font: inherit;
  font-size: 11px;
}
</style>
