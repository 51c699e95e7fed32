<script setup lang="ts">
import { ElButton, ElDialog, ElMessage } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import { replacePicture } from '@nolvex/core/edit/replacePicture'
import FilePick from '../forms/FilePick.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { api, assetAddress, type ListedAsset } from '../session/api'
import { useProject } from '../session/projectStore'
import { takePicture } from '../session/takePicture'
import { PICTURE_TYPES } from './pictureTypes'
import PictureCredit from './PictureCredit.vue'
import { pictureUses } from './pictureUses'

/** The pictures and files of a project: where each is used, and taking away what is used nowhere. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const assets = shallowRef<ListedAsset[]>([])
const trouble = ref('')
const asked = ref<string>()
const working = ref(false)

watch(open, (isOpen) => {
  asked.value = undefined
  trouble.value = ''
  if (isOpen) void load()
})

async function load() {
  try {
    assets.value = (await api.assets(project.id)).assets
  } catch (error) {
    trouble.value = (error as Error).message
  }
}

const rows = computed(() =>
  assets.value.map((asset) => ({ ...asset, uses: pictureUses(project.view.documents, asset.id) })),
)
const unused = computed(() => rows.value.filter(({ uses }) => uses.length === 0).length)
const total = computed(() => sizeInWords(assets.value.reduce((sum, { bytes }) => sum + bytes, 0)))

const isPicture = ({ type }: ListedAsset) => type.startsWith('image/')
function sizeInWords(bytes: number): string {
  if (bytes < 1024 * 1024) return `${Math.max(1, Math.round(bytes / 1024))} KB`
  return `${(bytes / 1024 / 1024).toFixed(1)} MB`
}
const whatIs = (asset: ListedAsset) =>
  isPicture(asset) ? `${asset.width} × ${asset.height} px` : (asset.type.split('/')[1] ?? '')

/** Another picture stands wherever this one did; Undo gives it back, as this one stays until it is deleted. */
async function replace({ id, name }: ListedAsset, [file]: File[]) {
  working.value = true
  trouble.value = ''
  try {
    const { id: asset, width, height } = await takePicture(project.id, file)
    const parts = replacePicture(project.view.documents, id, { asset, width, height })
    project.change(`Replace ${name}`, parts)
    ElMessage({ message: `“${file.name}” stands wherever “${name}” did. Undo gives that back.` })
    await load()
  } catch (error) {
    trouble.value = `“${name}” stays: ${(error as Error).message}`
  } finally {
    working.value = false
  }
}

async function remove({ id, name }: ListedAsset) {
  working.value = true
  trouble.value = ''
  try {
    await api.deleteAsset(project.id, id)
    asked.value = undefined
    await load()
  } catch (error) {
    trouble.value = `“${name}” stays: ${(error as Error).message}`
  } finally {
    working.value = false
  }
}
</script>

<template>
  <ElDialog v-model="open" title="Pictures and files" width="760" top="8vh">
    <p class="soft">
      <template v-if="rows.length">
        {{ rows.length === 1 ? '1 picture or file' : `${rows.length} pictures and files` }}, {{ total }}.
        {{ unused ? `${unused} used nowhere.` : 'All of them are used.' }}
      </template>
      <template v-else>
        Nothing yet. Pictures come with a picture block in Wireframe, files with references in the Brief.
      </template>
    </p>
    <TroubleNote :says="trouble" />
    <div v-if="rows.length" class="list">
      <table class="ruled">
        <thead>
          <tr>
            <th><span class="visually-hidden">Picture</span></th>
            <th>Name</th>
            <th>What</th>
            <th class="figure">Size</th>
            <th>Used on</th>
            <th><span class="visually-hidden">Do</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.id">
            <td class="small">
              <img v-if="isPicture(row)" :src="assetAddress(project.id, row.id)" alt="" loading="lazy" />
            </td>
            <td class="name" dir="auto" :title="row.name">
              <a :href="assetAddress(project.id, row.id)" target="_blank" rel="noopener">{{ row.name }}</a>
              <PictureCredit :asset="row.id" :name="row.name" />
            </td>
            <td class="soft">{{ whatIs(row) }}</td>
            <td class="figure">{{ sizeInWords(row.bytes) }}</td>
            <td :title="row.uses.join(', ')">
              <span v-if="row.uses.length">
                {{ row.uses[0] }}{{ row.uses.length > 1 ? ` and ${row.uses.length - 1} more` : '' }}
              </span>
              <span v-else class="soft">nowhere</span>
            </td>
            <td class="do">
              <template v-if="asked === row.id">
                <ElButton type="danger" :disabled="working" @click="remove(row)"> Delete for good </ElButton>
                <ElButton link @click="asked = undefined">Keep</ElButton>
              </template>
              <FilePick
                v-else-if="isPicture(row) && row.uses.length"
                words="Replace…"
                :label="`Put another picture in place of ${row.name}, everywhere`"
                :accept="PICTURE_TYPES"
                @files="replace(row, $event)"
              />
              <ElButton v-else-if="row.uses.length === 0" link @click="asked = row.id">Delete…</ElButton>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="unused" class="soft">
      What is deleted cannot be brought back by undo. What a kept version shows stays.
    </p>
  </ElDialog>
</template>

<style scoped>
.list {
  max-height: 52vh;
  margin-top: 10px;
  overflow: auto;
}
.ruled {
  width: 100%;
}
.small {
  width: 58px;
}
img {
  display: block;
  width: 48px;
  height: 32px;
  object-fit: cover;
  border: 1px solid var(--hairline);
}
.name {
  max-width: 200px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name a {
  color: var(--ink);
}
.figure {
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.do {
  text-align: right;
  white-space: nowrap;
}
.danger {
  border-color: var(--brick);
  color: var(--brick);
}
</style>
