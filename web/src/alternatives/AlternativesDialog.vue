<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import type { StoredDocument } from '@nolvex/core/document/types'
import {
  alternativesOf,
  counting,
  forgetAlternative,
  keepAlternative,
  takeAlternative,
  type AlternativeOf,
} from '@nolvex/core/edit/alternatives'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { homePage } from '@nolvex/core/site/address'
import type { Alternative } from '@nolvex/core/site/alternative'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import AddLine from '../forms/AddLine.vue'
import LineInput from '../forms/LineInput.vue'
import PickField from '../forms/PickField.vue'
import SelectField from '../forms/SelectField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import AlternativePicture from './AlternativePicture.vue'

/** What counts now beside what was kept of it: one is taken, the others stay. */
const props = defineProps<{ of: AlternativeOf; what: string }>()
const isOpen = defineModel<boolean>({ required: true })
const project = useProject()

const bands = computed(() => bandsOf(project.site))
const bandId = ref(bands.value.lead)
const band = computed(
  () => bands.value.inOrder.find(({ id }) => id === bandId.value) ?? bands.value.inOrder[0],
)
const bandNames = computed(() => Object.fromEntries(bands.value.inOrder.map(({ id, name }) => [id, name])))

/** A guide is looked at on one of the pages it dresses. */
const seenOn = ref(homePage(project.site.records.pages)?.id ?? '')
const page = computed(() => props.of.page ?? seenOn.value)
const pages = computed(() =>
  Object.fromEntries(
    pagesInOrder(project.site.records.pages)
      .filter(({ page: { id } }) => project.drawing(id))
      .map(({ page: { id, title } }) => [id, title || 'Untitled']),
  ),
)
const kept = computed(() => alternativesOf(project.site.records, props.of))
const now = computed(() => counting(project.view.documents, props.of))
const held = (id: string): StoredDocument | undefined => project.view.documents[id]

const keep = (name: string) =>
  project.change(`Keep ${name}`, keepAlternative(project.view.documents, props.of, { id: newId(), name }))
const take = (one: Alternative) =>
  project.change(`Take ${one.name}`, takeAlternative(project.view.documents, one))
const forget = (one: Alternative) =>
  project.change(`Delete ${one.name}`, forgetAlternative(project.view.documents, one))
const rename = (id: string, name: string) =>
  name && project.setSite('Rename an alternative', 'alternatives', id, ['name'], name)
</script>

<template>
  <ElDialog v-model="isOpen" :title="`Alternatives of ${what}`" width="94%" top="3vh">
    <div class="top">
      <AddLine
        class="keep"
        label="Keep it as it is now, under a name"
        placeholder="Keep it now as…"
        :max="100"
        @add="keep"
      />
      <SelectField label="Band" :value="band.id" :options="bandNames" @change="bandId = $event" />
      <PickField
        v-if="of.page === undefined"
        label="Seen on"
        hide-label
        :value="seenOn"
        :choices="pages"
        @change="$event && (seenOn = $event)"
      />
    </div>
    <p v-if="kept.length === 0" class="soft">
      Keep it first; then change what counts, and both stand here side by side. Whichever you take, the other
      is kept in its place.
    </p>
    <div class="beside">
      <figure>
        <figcaption><b>counts now</b></figcaption>
        <div class="picture">
          <AlternativePicture :page="page" :band="band" :held="now" label="What counts now" />
        </div>
      </figure>
      <figure v-for="one in kept" :key="one.id">
        <figcaption>
          <LineInput label="Name of the alternative" :value="one.name" @change="rename(one.id, $event)" />
          <ElButton @click="take(one)">Take this one</ElButton>
          <ElButton link :aria-label="`Delete ${one.name}`" @click="forget(one)">Delete</ElButton>
        </figcaption>
        <div class="picture">
          <AlternativePicture :page="page" :band="band" :held="held(one.id)" :label="one.name" />
        </div>
      </figure>
    </div>
  </ElDialog>
</template>

<style scoped>
.top {
  display: flex;
  gap: 10px;
  align-items: start;
  margin-bottom: 12px;
}
.keep {
  width: 380px;
}
.top > :nth-child(n + 2) {
  width: 170px;
}
.beside {
  display: flex;
  gap: 16px;
  overflow: auto;
}
figure {
  flex: 1 0 300px;
  max-width: 620px;
  margin: 0;
}
figcaption {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 34px;
  margin-bottom: 6px;
}
.picture {
  max-height: 66vh;
  overflow: auto;
}
</style>
