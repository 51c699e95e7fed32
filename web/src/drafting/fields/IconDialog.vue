<script setup lang="ts">
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { computed, ref, shallowRef } from 'vue'
import { iconFrom, type IconData } from '@nolvex/core/block/iconData'
import { iconsFound, type IconPackage } from './iconsFound'
import IconLines from './IconLines.vue'

/** All icons of the package, found by typing words of their names. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ chosen: [icon: IconData] }>()
const MOST = 160
const typed = ref('')
const all = shallowRef<IconPackage>()
// A hundred kilobytes that only this dialogue needs.
void import('lucide').then(({ icons }) => (all.value = icons as unknown as IconPackage))

const found = computed(() => (all.value ? iconsFound(all.value, typed.value) : []))
const shown = computed(() => found.value.slice(0, MOST).map(([name, shapes]) => iconFrom(name, shapes)))

function choose(icon: IconData) {
  emit('chosen', icon)
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" title="Choose an icon" width="640" top="8vh" append-to-body>
    <ElInput
      v-model="typed"
      autofocus
      aria-label="Find an icon"
      placeholder="Find by word: arrow, phone, ship, clock…"
      @keydown.enter="shown[0] && choose(shown[0])"
    />
    <p class="soft" role="status">
      <template v-if="!all">Loading the icons…</template>
      <template v-else-if="found.length === 0">No icon is called that. Try a plainer word.</template>
      <template v-else-if="found.length > MOST"
        >{{ found.length }} icons; the first {{ MOST }} are shown.</template
      >
      <template v-else>{{ found.length === 1 ? '1 icon' : `${found.length} icons` }}</template>
    </p>
    <div class="icons">
      <ElButton
        v-for="icon in shown"
        :key="icon.name"
        :title="icon.name"
        :aria-label="icon.name"
        @click="choose(icon)"
      >
        <IconLines :paths="icon.paths" />
      </ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
p {
  margin: 8px 0;
}
.icons {
  display: grid;
  grid-template-columns: repeat(auto-fill, 36px);
  gap: 4px;
  height: 360px;
  overflow: auto;
  align-content: start;
}
.icons .el-button {
  width: 36px;
  height: 36px;
  padding: 0;
  margin: 0;
}
</style>
