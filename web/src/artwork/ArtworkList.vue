<script setup lang="ts">
import { ElButton } from 'element-plus'
import { SOLIDS, type SolidName } from '@nolvex/core/artwork/solids'
import AddLine from '../forms/AddLine.vue'
import SideEntry from '../forms/SideEntry.vue'
import type { ArtworkDesk } from './useArtwork'

/** The artworks of a project, the solids of the one that is shown, and the shelf others are taken from. */
const props = defineProps<{ desk: ArtworkDesk }>()
const { artworks, artwork, solids, chosen } = props.desk
</script>

<template>
  <nav class="list" aria-label="Artworks">
    <h1>Artwork</h1>
    <SideEntry
      v-for="one in artworks"
      :key="one.id"
      :current="one.id === artwork?.id"
      @click="desk.show(one.id)"
    >
      <b dir="auto">{{ one.name }}</b>
      <span class="soft">{{ one.width }} × {{ one.height }}</span>
    </SideEntry>
    <AddLine label="Add an artwork" placeholder="Name of an artwork" :max="100" @add="desk.add($event)" />
    <template v-if="artwork">
      <h2>Solids</h2>
      <p v-if="solids.length === 0" class="soft">None yet. Take some from the shelf below.</p>
      <SideEntry
        v-for="one in solids"
        :key="one.id"
        :current="one.id === chosen"
        :class="{ hidden: one.hidden }"
        @click="chosen = one.id === chosen ? undefined : one.id"
      >
        <span dir="auto">{{ one.name }}</span>
      </SideEntry>
      <h2>Shelf</h2>
      <div class="shelf">
        <ElButton v-for="(label, kind) in SOLIDS" :key="kind" @click="desk.addSolid(kind as SolidName)">{{
          label
        }}</ElButton>
      </div>
    </template>
    <slot />
  </nav>
</template>

<style scoped>
.list {
  display: flex;
  flex: none;
  flex-direction: column;
  gap: 6px;
  width: 220px;
  padding: 14px 10px;
  overflow: auto;
  background: var(--paper);
  border-right: 1px solid var(--hairline);
}
h1 {
  margin: 0 0 4px 6px;
  font-size: 15px;
}
h2 {
  margin: 12px 0 0 6px;
  font-size: 13px;
}
p {
  margin: 0 6px;
}
.list > :deep(.side-entry) {
  padding-block: 3px;
}
.hidden {
  opacity: 0.55;
}
.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.shelf .el-button {
  margin: 0;
  padding-inline: 8px;
}
</style>
