<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Json } from '@nolvex/core/document/types'
import type { Mood } from '@nolvex/core/style/brand'
import FilePick from '../forms/FilePick.vue'
import TextField from '../forms/TextField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { assetAddress } from '../session/api'
import ColoursToTake from './ColoursToTake.vue'
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'
import { useBrandFiles } from './useBrandFiles'
import { useGuide } from './useGuide'

/** Pictures that tell the mood, with notes, and their colours to be taken as tokens. */
const { project, set, remove } = useGuide()
const { moods, trouble, working, addMoods } = useBrandFiles()
const write = (mood: Mood, field: string, value: Json | undefined) =>
  set('Change a picture of the mood', 'moods', mood.id, [field], value, `${mood.id} ${field}`)

const dropped = (event: DragEvent) => {
  const files = [...(event.dataTransfer?.files ?? [])].filter(({ type }) => type.startsWith('image/'))
  if (files.length) void addMoods(files)
}
</script>

<template>
  <GuideBoard>
    <GuideSection title="Mood" @dragover.prevent @drop.prevent="dropped">
      <template #acts>
        <FilePick words="Add pictures" accept="image/*" several @files="addMoods" />
      </template>
      <p v-if="working" role="status">{{ working }}</p>
      <TroubleNote :says="trouble" />
      <p v-if="moods.length === 0" class="soft">
        None yet. Add pictures, or drop them here: each shows its main colours, which become tokens when
        pressed.
      </p>
      <div class="moods">
        <figure v-for="mood in moods" :key="mood.id" :data-mood="mood.id">
          <img
            :src="mood.file.asset && assetAddress(project.id, mood.file.asset)"
            :alt="mood.note ?? 'A picture of the mood, without a note'"
          />
          <ColoursToTake :colours="mood.colours ?? []" of="Mood" />
          <figcaption>
            <TextField
              label="What it tells"
              :rows="2"
              :value="mood.note"
              @change="write(mood, 'note', $event)"
            />
            <TextField label="Comes from" :value="mood.source" @change="write(mood, 'source', $event)" />
            <TextField label="Licence" :value="mood.licence" @change="write(mood, 'licence', $event)" />
            <ElButton link @click="remove('Take a picture of the mood out', 'moods', mood.id)"
              >Take out</ElButton
            >
          </figcaption>
        </figure>
      </div>
    </GuideSection>
  </GuideBoard>
</template>

<style scoped>
.moods {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 16px;
}
figure {
  display: grid;
  gap: 6px;
  align-content: start;
  margin: 0;
}
img {
  width: 100%;
  max-height: 200px;
  object-fit: cover;
  border: 1px solid var(--hairline);
}
figcaption {
  display: grid;
  gap: 4px;
  justify-items: stretch;
}
</style>
