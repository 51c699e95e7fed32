<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { ref } from 'vue'
import { useProject } from '../session/projectStore'
import ArtworkList from './ArtworkList.vue'
import ArtworkStage from './ArtworkStage.vue'
import PageInFront from './PageInFront.vue'
import RenderPanel from './RenderPanel.vue'
import SceneParticulars from './SceneParticulars.vue'
import SolidParticulars from './SolidParticulars.vue'
import { useArtwork } from './useArtwork'
import { useBehind } from './useBehind'

/** Scenes of solids in the guide's colours, lit and rendered to pictures that are laid behind what stands on pages. */
const project = useProject()
const desk = useArtwork()
const behind = useBehind(desk)
const { artwork, solid, scene } = desk
const isInFront = ref(true)
</script>

<template>
  <main class="artwork">
    <ArtworkList :desk="desk">
      <RouterLink
        class="back"
        :to="{ name: 'mockup', params: { project: project.id, page: artwork?.behind?.page } }"
        >Back to the mockup</RouterLink
      >
    </ArtworkList>
    <div class="middle">
      <template v-if="artwork && scene">
        <ArtworkStage :key="artwork.id" :desk="desk" :scene="scene">
          <PageInFront
            v-if="isInFront && artwork.behind"
            :behind="behind"
            :ratio="artwork.width / artwork.height"
          />
        </ArtworkStage>
        <div class="foot">
          <span class="soft"
            >Pull the ground to turn, with <kbd>Shift</kbd> to move; the wheel goes nearer. Pull a solid to
            move it, with <kbd>Shift</kbd> up and down.</span
          >
          <ElCheckbox v-if="artwork.behind" v-model="isInFront">The page in front</ElCheckbox>
        </div>
      </template>
      <div v-else class="invitation">
        <h2>Compose a picture of solids</h2>
        <p>
          Blocks, balls and arches in the colours of the style guide, lit by a lamp and a sky, rendered to a
          picture that is laid behind a headline. Name the first one at the left.
        </p>
        <ElButton type="primary" @click="desk.add('Hero artwork')">Begin one</ElButton>
      </div>
    </div>
    <aside v-if="artwork" class="side-panel" aria-label="Particulars of the artwork">
      <SolidParticulars v-if="solid" :desk="desk" :solid="solid" />
      <SceneParticulars v-else :desk="desk" :artwork="artwork" />
      <RenderPanel :desk="desk" :behind="behind" />
      <div class="acts">
        <ElButton link @click="desk.remove">Delete the artwork</ElButton>
      </div>
    </aside>
  </main>
</template>

<style scoped>
.artwork {
  display: flex;
  flex: 1;
  min-height: 0;
}
.middle {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-width: 0;
  padding: 20px;
  background: var(--desk);
}
.foot {
  display: flex;
  gap: 20px;
  align-items: center;
  justify-content: space-between;
  padding-top: 10px;
}
.side-panel {
  width: 300px;
}
.back {
  margin: 14px 6px;
  color: var(--pine);
}
</style>
