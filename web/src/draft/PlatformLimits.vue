<script setup lang="ts">
import { ElButton, ElCheckbox, ElDialog } from 'element-plus'
import { computed } from 'vue'
import { blockKinds, type AnyKind } from '@nolvex/core/block/kinds'
import { PATTERN_GROUPS } from '@nolvex/core/draft/pattern'
import { patterns } from '@nolvex/core/draft/patterns'
import { useProject } from '../session/projectStore'

/** Which section patterns and kinds of block this project offers: those its platform can build. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const without = computed(() => project.site.records.settings.site.without ?? {})
const kinds = Object.values<AnyKind>(blockKinds)
  .filter(({ shelf }) => shelf.length > 0)
  .map(({ kind, label }) => ({ id: kind as string, label }))
const lists = [
  { title: 'Blocks', list: kinds },
  ...Object.entries(PATTERN_GROUPS).map(([group, title]) => ({
    title,
    list: patterns.filter((one) => one.group === group),
  })),
]

function offer(name: string, label: string, isOffered: boolean) {
  const says = isOffered ? `Offer ${label}` : `Offer ${label} no more`
  project.setSite(says, 'settings', 'site', ['without', name], isOffered ? undefined : true)
}
function offerAll() {
  const operations = Object.keys(without.value).map((name) => {
    return { type: 'set' as const, collection: 'settings', id: 'site', path: ['without', name] }
  })
  project.changeSite('Offer everything', operations)
}
</script>

<template>
  <ElDialog v-model="open" title="What the platform can build" width="760" top="8vh" append-to-body>
    <p class="soft">
      What is not ticked is not offered in this project and not drafted. Drawings that have it keep it.
    </p>
    <div class="lists">
      <template v-for="{ title, list } in lists" :key="title">
        <h3>{{ title }}</h3>
        <div class="ticks">
          <ElCheckbox
            v-for="{ id, label } in list"
            :key="id"
            :model-value="!without[id]"
            @change="offer(id, label.toLowerCase(), $event as boolean)"
            >{{ label }}</ElCheckbox
          >
        </div>
      </template>
    </div>
    <ElButton v-if="Object.keys(without).length" link @click="offerAll">Offer everything</ElButton>
  </ElDialog>
</template>

<style scoped>
.lists {
  max-height: 60vh;
  overflow: auto;
}
.ticks {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
}
h3 {
  margin: 10px 0 2px;
}
</style>
