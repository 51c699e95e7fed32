<script setup lang="ts">
import { plainText } from '@nolvex/core/document/richText'
import LineInput from '../../forms/LineInput.vue'
import { useDraftingPage } from '../useDraftingPage'

/** Texts of the page that are still to be written, one under the other: Enter keeps one and goes on to the next. */
defineProps<{ keys: string[] }>()
const page = useDraftingPage()

/** What stands there until it is written, or nothing. */
const standing = (key: string) => plainText(page.textOf(key).text)

function write(key: string, words: string) {
  if (words) page.writeText(key, [{ insert: words }])
}

function goOn(event: KeyboardEvent) {
  const fields = [...(event.currentTarget as HTMLElement).querySelectorAll('textarea')]
  const next = fields[fields.indexOf(event.target as HTMLTextAreaElement) + 1]
  if (next) next.focus()
  else (event.target as HTMLElement).blur()
}
</script>

<template>
  <ul @keydown.enter.exact.prevent="goOn">
    <li v-for="key in keys" :key="key">
      <span>{{ page.nameOf(key) }}</span>
      <LineInput
        :label="`Words of ${page.nameOf(key)}`"
        value=""
        :placeholder="standing(key)"
        :rows="2"
        :max="2000"
        @focusin="page.select([key])"
        @change="write(key, $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  gap: 2px;
  justify-items: start;
  padding: 4px 0 8px;
}
</style>
