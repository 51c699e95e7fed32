<script setup lang="ts">
import { ElButton, ElMessage } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json, Operation } from '@nolvex/core/document/types'
import type { Family } from '@nolvex/core/style/brand'
import { familyNameSchema } from '@nolvex/core/style/level'
import { isShippedFamily, PAGE_FAMILY } from '@nolvex/core/text/fontCatalogue'
import AddLine from '../forms/AddLine.vue'
import FilePick from '../forms/FilePick.vue'
import SelectField from '../forms/SelectField.vue'
import TextField from '../forms/TextField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { api } from '../session/api'
import { newId } from '../session/newId'
import { misfitOf } from './misfit'
import { useFamilies } from './useFamilies'
import { useGuide } from './useGuide'
import { useRealCopy } from './useRealCopy'

/** The project's own faces: from files, or only named and shown in another until their files are there. */
const { project, change, set, levels } = useGuide()
const { shipped } = useFamilies()
const { copyFor } = useRealCopy()
const families = computed((): Family[] => inOrder(Object.values(project.style.records.families)))
const trouble = ref('')
const working = ref('')

const styleWords = ({ weight, italic }: { weight: number; italic?: boolean }) =>
  `${weight}${italic ? ' italic' : ''}`
const setIn = (name: string) => levels.value.filter(({ family }) => family === name).length

async function take(files: File[]) {
  trouble.value = ''
  for (const file of files) {
    working.value = `Taking in ${file.name}…`
    try {
      const { family, licence, files: taken } = await api.addFont(project.id, file)
      put(family, licence, taken)
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }
  working.value = ''
}

/** Files of a family that is there stand with those it has, each in place of the one of its weight and slope. */
function put(name: string, licence: string | undefined, taken: NonNullable<Family['files']>) {
  const known = families.value.find((family) => family.name === name)
  const isSame = (a: (typeof taken)[number], b: (typeof taken)[number]) =>
    a.weight === b.weight && Boolean(a.italic) === Boolean(b.italic)
  const kept = (known?.files ?? []).filter((one) => !taken.some((other) => isSame(one, other)))
  const files = [...kept, ...taken] as unknown as Json
  if (known) return set(`Add files to ${name}`, 'families', known.id, ['files'], files)
  const made = { id: newId(), name, files, ...(licence && { licence }) }
  change(`Add the face ${name}`, putAmong('families', families.value, families.value.length, [made]))
  ElMessage({ message: `${name} is there: choose it as the face of a level.` })
}

const checkName = (name: string) => {
  if (isShippedFamily(name) || families.value.some((family) => family.name === name))
    return `${name} is there already.`
  const read = familyNameSchema.safeParse(name)
  return read.success ? '' : `A face is called by letters, digits and spaces: “${name}” is not.`
}
const add = (name: string) =>
  change(
    `Name the face ${name}`,
    putAmong('families', families.value, families.value.length, [
      { id: newId(), name, standIn: PAGE_FAMILY },
    ]),
  )

function remove({ id, name }: Family) {
  const used = setIn(name)
  const operations: Operation[] = [{ type: 'remove', collection: 'families', id }]
  change(`Take out the face ${name}`, operations)
  if (used) ElMessage({ message: `${used} levels that name ${name} are shown in ${PAGE_FAMILY} now.` })
}

/** How much wider or narrower text runs in the stand-in, where this computer has the face itself. */
const misfits = computed(() =>
  Object.fromEntries(
    families.value.flatMap(({ id, name, files, standIn = PAGE_FAMILY }) =>
      files?.length ? [] : [[id, misfitOf(name, standIn, copyFor('p'))]],
    ),
  ),
)
function misfitWords(id: string, standIn = PAGE_FAMILY): string {
  const misfit = misfits.value[id]
  if (misfit === undefined)
    return `Shown in ${standIn}. This computer does not have it, so nobody can say how far that differs.`
  const percent = Math.round(Math.abs(misfit) * 1000) / 10
  return `Shown in ${standIn}, in which text runs ${percent} % ${misfit > 0 ? 'wider' : 'narrower'}.`
}
const standIns = Object.fromEntries(shipped.map((name) => [name, name]))
</script>

<template>
  <p class="soft">Ship with Nolvex: {{ shipped.join(', ') }}.</p>
  <article v-for="family in families" :key="family.id" :data-family="family.name">
    <b>{{ family.name }}</b>
    <span v-if="family.files?.length">{{ family.files.map(styleWords).join(', ') }}</span>
    <template v-else>
      <SelectField
        class="stand-in"
        :label="`Face that stands in for ${family.name}`"
        :value="family.standIn ?? PAGE_FAMILY"
        :options="standIns"
        @change="set(`Choose what stands in for ${family.name}`, 'families', family.id, ['standIn'], $event)"
      />
      <span class="soft misfit">{{ misfitWords(family.id, family.standIn) }}</span>
    </template>
    <span class="soft">set in it: {{ setIn(family.name) }} levels</span>
    <TextField
      class="licence"
      label="Licence"
      :value="family.licence"
      placeholder="who may use it, where"
      @change="set(`Note the licence of ${family.name}`, 'families', family.id, ['licence'], $event)"
    />
    <ElButton link @click="remove(family)">Take out</ElButton>
  </article>
  <div class="ways">
    <FilePick words="Add font files" accept=".ttf,.otf,.woff,.woff2" several @files="take" />
    <span class="soft">TTF, OTF, WOFF or WOFF2; of a variable font its regular and its bold are taken.</span>
  </div>
  <p v-if="working" role="status">{{ working }}</p>
  <TroubleNote :says="trouble" />
  <AddLine
    label="Name a face without files"
    placeholder="Name a face whose files you do not have yet"
    :max="100"
    :check="checkName"
    @add="add"
  />
</template>

<style scoped>
article {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: end;
  padding: 6px 0;
  border-bottom: 1px dotted var(--edge);
}
.stand-in {
  width: 150px;
}
.misfit {
  flex: 1 1 240px;
}
.licence {
  flex: 1 1 200px;
}
.ways {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
