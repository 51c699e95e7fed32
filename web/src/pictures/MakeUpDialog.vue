<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import { SCENES, type SceneName } from '@nolvex/core/paint/scenes/scenes'
import { sceneColours } from '@nolvex/core/resolve/sceneColours'
import { atBand, bandsOf } from '@nolvex/core/resolve/resolvePage'
import ChoiceField from '../forms/ChoiceField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useProject } from '../session/projectStore'
import { madeUpFile, madeUpSize, madeUpSvg } from './madeUpPicture'

/** Pictures made up in the guide's colours, to stand where photographs are still to come. */
const props = defineProps<{
  /** of the room it is for */
  ratio: number
}>()
const isOpen = defineModel<boolean>({ required: true })
const emit = defineEmits<{ files: [files: File[]] }>()
const project = useProject()

const SHOWN = 9
const scene = ref<SceneName>('coast')
const first = ref(1)
const trouble = ref('')
const isDrawing = ref(false)
const choices = Object.fromEntries(
  Object.entries(SCENES).map(([name, { label }]) => [name, label]),
) as Record<SceneName, string>
const colours = computed(() => sceneColours(project.style, atBand(project, bandsOf(project.site).lead)))
const size = computed(() => madeUpSize(props.ratio))
const madeUp = (seed: number) => ({
  ...{ scene: scene.value, seed, colours: colours.value, ratio: props.ratio },
})
const shown = computed(() =>
  Array.from({ length: SHOWN }, (_, index) => {
    const seed = first.value + index
    const svg = madeUpSvg(madeUp(seed))
    return { seed, address: `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}` }
  }),
)

async function take(seed: number) {
  isDrawing.value = true
  trouble.value = ''
  try {
    emit('files', [await madeUpFile(madeUp(seed))])
    isOpen.value = false
  } catch (error) {
    trouble.value = (error as Error).message
  }
  isDrawing.value = false
}
</script>

<template>
  <ElDialog v-model="isOpen" title="Make up a picture" width="820px" top="5vh">
    <div class="ways">
      <ChoiceField label="Of what" :value="scene" :choices="choices" @change="scene = $event ?? 'coast'" />
      <ElButton :disabled="first === 1" @click="first = Math.max(1, first - SHOWN)">Those before</ElButton>
      <ElButton @click="first += SHOWN">Others</ElButton>
      <span class="soft">In the guide’s colours. A number always gives the same picture.</span>
    </div>
    <TroubleNote :says="trouble" />
    <div class="shown" :class="{ busy: isDrawing }">
      <ElButton
        v-for="{ seed, address } in shown"
        :key="`${scene} ${seed}`"
        link
        :disabled="isDrawing"
        :aria-label="`${choices[scene]}, number ${seed}`"
        @click="take(seed)"
      >
        <img :src="address" alt="" :width="size.width" :height="size.height" />
      </ElButton>
    </div>
  </ElDialog>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 8px;
  align-items: end;
  margin-bottom: 12px;
}
.shown {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
  max-height: 66vh;
  overflow: auto;
}
.busy {
  opacity: 0.5;
}
.shown .el-button {
  height: auto;
  margin: 0;
  padding: 0;
  border: 1px solid var(--hairline);
}
img {
  display: block;
  width: 100%;
  height: auto;
}
</style>
