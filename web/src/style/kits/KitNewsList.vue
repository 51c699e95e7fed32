<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Kit } from '@nolvex/core/kit/kit'
import { kitNews, type KitNews } from '@nolvex/core/kit/kitNews'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'

/** Shared blocks that follow this kit and differ from it, as it is a newer one. */
const props = defineProps<{ kit: Kit }>()
const emit = defineEmits<{ take: [label: string, blocks: string[]] }>()
const project = useProject()
const news = computed(() => kitNews(project.view.documents, props.kit, newId))
/** More than these are only counted. */
const MOST = 4
const linesOf = ({ says }: KitNews) => [
  ...says.slice(0, MOST),
  ...(says.length > MOST ? [`and ${says.length - MOST} more`] : []),
]
const take = (some: KitNews[]) =>
  emit(
    'take',
    `Take the newer ${some.length === 1 ? some[0].shared.name : `${some.length} blocks`} of ${props.kit.about.name}`,
    some.map(({ block }) => block),
  )
</script>

<template>
  <section v-if="news.length" class="news" aria-label="What is newer in this kit">
    <h4>
      {{ news.length === 1 ? '1 block of yours is' : `${news.length} blocks of yours are` }} newer in this kit
    </h4>
    <div v-for="one in news" :key="one.shared.id" class="one">
      <b dir="auto">{{ one.shared.name }}</b>
      <ul>
        <li v-for="line in linesOf(one)" :key="line" dir="auto">{{ line }}</li>
      </ul>
      <p v-if="one.isChangedHere" class="warns">
        It was changed here since: taking the newer one gives that up.
      </p>
      <ElButton @click="take([one])">Take the newer {{ one.shared.name }}</ElButton>
    </div>
    <ElButton v-if="news.length > 1" type="primary" @click="take(news)">Take all {{ news.length }}</ElButton>
  </section>
</template>

<style scoped>
h4 {
  margin: 0;
}
.news {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 8px 10px;
  border: 1px solid var(--ochre-text);
}
.one {
  display: grid;
  gap: 4px;
  justify-items: start;
}
ul {
  margin: 0;
  padding-left: 18px;
}
.warns {
  color: var(--ochre-text);
}
</style>
