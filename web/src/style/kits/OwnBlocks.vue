<script setup lang="ts">
import { ElButton, ElMessage } from 'element-plus'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { copiesByShared, pagesShowing } from '@nolvex/core/edit/sharedUses'
import type { Shared } from '@nolvex/core/style/shared'
import LineInput from '../../forms/LineInput.vue'
import OriginalParticulars from '../../drafting/shared/OriginalParticulars.vue'
import { useGuide } from '../useGuide'
import type { KitItem } from './kitItems'
import MakeKit from './MakeKit.vue'

/** A shared block, pattern, part or token of the project: what it is called, where it is used, what may differ in copies. */
const props = defineProps<{ current?: KitItem; chosen: KitItem[] }>()
const { project, set, remove, usedWords } = useGuide()

const shared = computed((): Shared | undefined =>
  props.current?.sort === 'shared' ? project.style.records.shared[props.current.records[0]] : undefined,
)
const blocks = computed(() => (shared.value && project.drawing(shared.value.id)?.records.blocks) ?? {})
const copies = computed(() =>
  shared.value ? (copiesByShared(project.view.documents).get(shared.value.id)?.length ?? 0) : 0,
)
const pages = computed(() =>
  shared.value
    ? [...pagesShowing(project.view.documents, shared.value.id)].flatMap(
        (id) => project.site.records.pages[id] ?? [],
      )
    : [],
)
const kit = computed(() => {
  const from = shared.value?.from
  return from && project.style.records.kits[from.kit]
})
const isNamed = computed(() => props.current?.sort === 'shared' || props.current?.sort === 'patterns')
const rename = (name: string) =>
  props.current &&
  set(`Rename ${props.current.name}`, props.current.sort, props.current.records[0], ['name'], name)
const letGo = () =>
  shared.value &&
  set(`Let ${shared.value.name} follow its kit no more`, 'shared', shared.value.id, ['from'], undefined)
function take() {
  if (!props.current) return
  remove(`Delete ${props.current.name}`, props.current.sort, props.current.records[0])
  ElMessage({ message: `${props.current.name} is deleted; undo brings it back.` })
}
</script>

<template>
  <template v-if="current">
    <LineInput
      v-if="isNamed"
      :label="`Name of ${current.name}`"
      :value="current.name"
      :max="100"
      @change="$event && rename($event)"
    />
    <h3 v-else dir="auto">{{ current.name }}</h3>
    <template v-if="shared">
      <p>
        {{ copies === 1 ? '1 copy' : `${copies} copies`
        }}<template v-if="pages.length">
          on
          <template v-for="(page, index) in pages" :key="page.id"
            ><template v-if="index">, </template
            ><RouterLink :to="{ name: 'wireframe', params: { project: project.id, page: page.id } }">{{
              page.title || 'Untitled'
            }}</RouterLink></template
          ></template
        >.
      </p>
      <p v-if="kit">
        Follows the kit {{ kit.name }}, version {{ shared.from?.version }}.
        <ElButton link @click="letGo">Follow it no more</ElButton>
      </p>
      <OriginalParticulars :shared="shared" :blocks="blocks" />
    </template>
    <p v-else-if="current.sort === 'patterns'" class="soft">
      A pattern: it is put on pages as it is drawn, and follows nothing there.
    </p>
    <p v-else class="soft">{{ usedWords(current.records[0]) }}</p>
    <ElButton
      v-if="isNamed"
      link
      :disabled="copies > 0"
      :title="
        copies ? 'Its copies would show nothing. Make them independent or delete them first.' : undefined
      "
      @click="take"
      >Delete</ElButton
    >
  </template>
  <p v-else class="soft">
    What is drawn once and used on many pages. Choose some to make a kit of them, for other projects.
  </p>
  <MakeKit :chosen="chosen" />
</template>
