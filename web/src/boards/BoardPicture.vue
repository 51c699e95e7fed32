<script setup lang="ts">
import { computed } from 'vue'
import { boardPicture } from '@nolvex/core/paint/boardPicture'
import type { Board } from '@nolvex/core/site/board'
import { useFontLibrary } from '../fonts/useFontLibrary'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { MarkGroup } from '../vector/MarkGroup'

/** A board as it will be taken away. */
const props = defineProps<{ board: Board }>()
const project = useProject()
const library = useFontLibrary()
const picture = computed(
  () =>
    library.value &&
    boardPicture(props.board, project.view.documents, library.value, (picture) =>
      pictureAddress(project.id, picture),
    ),
)
const group = computed(() => ({ type: 'group' as const, marks: picture.value?.marks ?? [] }))
</script>

<template>
  <svg
    v-if="picture"
    class="board-picture"
    :viewBox="`0 0 ${picture.width} ${picture.height}`"
    role="img"
    :aria-label="board.name"
  >
    <rect :width="picture.width" :height="picture.height" :fill="picture.ground" />
    <MarkGroup :group="group" />
  </svg>
  <p v-else role="status">The fonts are loading…</p>
</template>

<style scoped>
.board-picture {
  display: block;
  width: 100%;
  max-height: 100%;
}
</style>
