<script setup lang="ts">
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'
import FaceList from './FaceList.vue'
import TypeInUse from './TypeInUse.vue'
import TypeLevels from './TypeLevels.vue'
import TypeScale from './TypeScale.vue'

/** Type levels with their scale, how long lines are, and what is in use. */
</script>

<template>
  <GuideBoard>
    <GuideSection title="Scale"><TypeScale /></GuideSection>
    <GuideSection title="Levels"><TypeLevels /></GuideSection>
    <GuideSection title="Faces"><FaceList /></GuideSection>
    <GuideSection title="In use"><TypeInUse /></GuideSection>
  </GuideBoard>
</template>
