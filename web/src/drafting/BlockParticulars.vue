<script setup lang="ts">
import { computed, ref } from 'vue'
import { kindOf, leafShownBy, tagOf } from '@nolvex/core/block/block'
import type { Json } from '@nolvex/core/document/types'
import { plainText } from '@nolvex/core/document/richText'
import { inOrder } from '@nolvex/core/document/tree'
import { cssLength, type WrittenLength } from '@nolvex/core/units/length'
import { environmentOf } from '@nolvex/core/layout/pageFont'
import { newLength } from '@nolvex/core/units/newLength'
import { readLength } from '@nolvex/core/units/typedLength'
import SeenBy from '../audience/SeenBy.vue'
import { useProject } from '../session/projectStore'
import LeafRow from './LeafRow.vue'
import { useDraftingPage } from './useDraftingPage'

const emit = defineEmits<{ pictures: [files: File[], block: string | undefined] }>()
const project = useProject()
const page = useDraftingPage()
const { one, selection } = page
const file = ref<HTMLInputElement>()
const trouble = ref('')

const kind = computed(() => one.value && kindOf(one.value))
const holds = computed(() => {
  if (!one.value || kind.value?.takesBlocks) return 'blocks'
  return leafShownBy(one.value, 'richText') ? 'text' : 'picture'
})
const levels = computed(() => inOrder(Object.values(project.style.records.levels)))
const colours = computed(() =>
  inOrder(Object.values(project.style.records.tokens).filter(({ type }) => type === 'colour')),
)
const value = (path: string[]) => one.value && page.value(one.value, path).value
const inGrid = computed(() => {
  const parent = one.value?.parent && page.placed.value.get(one.value.parent)
  return parent && parent.box.arrange === 'grid'
})
const arrange = computed(() => (value(['arrange', 'type']) as string) ?? 'column')

function written(path: string[]): string {
  const found = value(path) as WrittenLength | string | undefined
  const isSide = path[1] === 'padding' && (path[2] === 'left' || path[2] === 'right')
  if (found === undefined) return isSide && kind.value?.keepsMargins ? 'margins' : '0'
  return typeof found === 'object' && 'unit' in found
    ? cssLength(found).replace(/px$/, '')
    : typeof found === 'string'
      ? found
      : ''
}

function setLength(label: string, path: string[], event: Event, words: string[] = []) {
  const field = event.target as HTMLInputElement
  const text = field.value.trim()
  trouble.value = ''
  if (text === '') return page.set(label, path, undefined)
  if (words.includes(text)) return page.set(label, path, text)
  const typed = readLength(text)
  if ('error' in typed) {
    trouble.value = typed.error
    field.value = written(path)
    return
  }
  const isBare = typed.length.unit === 'px' && !/px/i.test(text)
  const { sizing, rootSize } = project.site.records.settings.site
  const length = isBare ? newLength(typed.length.value, sizing, environmentOf(rootSize)) : typed.length
  page.set(label, path, length as unknown as Json)
}

const pick = (label: string, path: string[], event: Event) =>
  page.set(label, path, (event.target as HTMLSelectElement).value || undefined)

function setTracks(event: Event) {
  const text = (event.target as HTMLInputElement).value.trim()
  const shares = text.split(/\s+/).map(Number)
  if (text === 'columns' || text === '')
    return page.set('Change tracks', ['arrange', 'tracks'], text || undefined)
  const isRight = shares.every((share) => share >= 1 && share <= 100)
  if (!isRight)
    return (trouble.value =
      'Type a number of tracks, shares such as “2 1 1”, or “columns” for the page’s grid.')
  trouble.value = ''
  page.set('Change tracks', ['arrange', 'tracks'], shares.length === 1 ? Math.round(shares[0]) : shares)
}

const tracks = computed(() => {
  const found = value(['arrange', 'tracks'])
  return Array.isArray(found) ? found.join(' ') : String(found ?? 'columns')
})

/** A direct value of the block, the same at all bands. */
function setOwn(label: string, field: 'name' | 'tag' | 'data', next: Json | undefined) {
  if (!one.value) return
  const operation = {
    type: 'set' as const,
    collection: 'blocks',
    id: one.value.id,
    path: field === 'data' ? ['data', 'alt'] : [field],
  }
  page.change(label, [next === undefined ? operation : { ...operation, value: next }])
}

function setAlt(event: Event) {
  setOwn('Describe picture', 'data', (event.target as HTMLInputElement).value || undefined)
}

const fill = computed(() => {
  const found = value(['look', 'fill'])
  if (!found || found === 'none') return ''
  return typeof found === 'object' && 'token' in found
    ? `token:${String(found.token)}`
    : `hex:${String((found as { hex: string }).hex)}`
})

function setFill(event: Event) {
  const chosen = (event.target as HTMLSelectElement).value
  page.set(
    'Change ground',
    ['look', 'fill'],
    chosen === ''
      ? 'none'
      : chosen.startsWith('token:')
        ? { token: chosen.slice(6) }
        : { hex: chosen.slice(4) },
  )
}

function choose(event: Event) {
  const input = event.target as HTMLInputElement
  emit('pictures', [...(input.files ?? [])], one.value?.id)
  input.value = ''
}

const ARRANGEMENTS = ['row', 'column', 'grid', 'placed']
const JUSTIFY = { start: 'at the start', centre: 'in the middle', end: 'at the end', between: 'spread out' }
const ALIGN = { start: 'at the start', centre: 'in the middle', end: 'at the end', stretch: 'stretched' }
const SIDES = ['top', 'right', 'bottom', 'left']
</script>

<template>
  <aside class="particulars" aria-label="Particulars">
    <template v-if="one && kind">
      <input
        class="name"
        :value="one.name ?? ''"
        :placeholder="kind.label"
        aria-label="Name of the block"
        maxlength="200"
        @change="setOwn('Rename block', 'name', ($event.target as HTMLInputElement).value || undefined)"
      />
      <p class="soft">
        {{ kind.label.toLowerCase() }} · {{ tagOf(one)
        }}<template v-if="!page.isLead.value"> · at {{ page.band.value.name }}</template>
      </p>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>

      <template v-if="holds === 'text'">
        <h3>Says</h3>
        <p class="says" dir="auto">{{ plainText(one.text) || 'Nothing yet' }}</p>
        <button class="plain" @click="page.editing.value = one.id">Edit the text (Enter)</button>
      </template>

      <template v-if="holds === 'picture'">
        <h3>Shows</h3>
        <button class="action" @click="file?.click()">
          {{
            (one.data?.file as { asset?: string } | undefined)?.asset
              ? 'Choose another picture…'
              : 'Choose a picture…'
          }}
        </button>
        <input
          ref="file"
          class="visually-hidden"
          type="file"
          accept="image/png,image/jpeg,image/webp,image/svg+xml"
          aria-label="Picture file"
          @change="choose"
        />
        <label class="stack">
          Description for those who cannot see it
          <input class="field" :value="one.data?.alt ?? ''" maxlength="500" @change="setAlt" />
        </label>
      </template>

      <template v-if="holds === 'blocks'">
        <h3>Arranges</h3>
        <LeafRow :block="one" label="children" :path="['arrange', 'type']">
          <select
            :value="arrange"
            aria-label="How children stand"
            @change="pick('Arrange', ['arrange', 'type'], $event)"
          >
            <option v-for="name in ARRANGEMENTS" :key="name" :value="name">{{ name }}</option>
          </select>
        </LeafRow>
        <template v-if="arrange !== 'placed'">
          <LeafRow :block="one" label="gap" :path="['arrange', 'gap']">
            <input
              type="text"
              :value="written(['arrange', 'gap'])"
              aria-label="Gap"
              @change="setLength('Change gap', ['arrange', 'gap'], $event)"
            />
          </LeafRow>
          <LeafRow v-if="arrange !== 'grid'" :block="one" label="along" :path="['arrange', 'justify']">
            <select
              :value="value(['arrange', 'justify']) ?? 'start'"
              aria-label="Along"
              @change="pick('Justify', ['arrange', 'justify'], $event)"
            >
              <option v-for="(words, name) in JUSTIFY" :key="name" :value="name">{{ words }}</option>
            </select>
          </LeafRow>
          <LeafRow :block="one" label="across" :path="['arrange', 'align']">
            <select
              :value="value(['arrange', 'align']) ?? 'start'"
              aria-label="Across"
              @change="pick('Align', ['arrange', 'align'], $event)"
            >
              <option v-for="(words, name) in ALIGN" :key="name" :value="name">{{ words }}</option>
            </select>
          </LeafRow>
          <LeafRow v-if="arrange === 'row'" :block="one" label="wraps" :path="['arrange', 'wrap']">
            <input
              type="checkbox"
              :checked="!!value(['arrange', 'wrap'])"
              aria-label="Wraps"
              @change="page.set('Wrap', ['arrange', 'wrap'], ($event.target as HTMLInputElement).checked)"
            />
          </LeafRow>
          <LeafRow v-if="arrange === 'grid'" :block="one" label="tracks" :path="['arrange', 'tracks']">
            <input type="text" :value="tracks" aria-label="Tracks" @change="setTracks" />
          </LeafRow>
        </template>
      </template>

      <h3>Stands</h3>
      <template v-if="!kind.keepsMargins">
        <LeafRow :block="one" label="across" :path="['place', 'width']">
          <input
            type="text"
            :value="written(['place', 'width'])"
            aria-label="Width"
            title="fit, fill, or a length"
            @change="setLength('Change width', ['place', 'width'], $event, ['fit', 'fill'])"
          />
        </LeafRow>
        <LeafRow
          v-if="inGrid && value(['place', 'column', 'start']) !== undefined"
          :block="one"
          label="from column"
          :path="['place', 'column', 'start']"
        >
          <b>{{ value(['place', 'column', 'start']) }}</b>
        </LeafRow>
        <LeafRow v-if="inGrid" :block="one" label="columns" :path="['place', 'column', 'span']">
          <b>{{ value(['place', 'column', 'span']) ?? 1 }}</b>
        </LeafRow>
      </template>
      <LeafRow :block="one" label="down" :path="['place', 'height']">
        <input
          type="text"
          :value="written(['place', 'height'])"
          aria-label="Height"
          title="fit, fill, or a length"
          @change="setLength('Change height', ['place', 'height'], $event, ['fit', 'fill'])"
        />
      </LeafRow>
      <LeafRow
        v-for="side in SIDES"
        :key="side"
        :block="one"
        :label="`padding ${side}`"
        :path="['arrange', 'padding', side]"
      >
        <input
          type="text"
          :value="written(['arrange', 'padding', side])"
          :aria-label="`Padding ${side}`"
          @change="setLength('Change padding', ['arrange', 'padding', side], $event)"
        />
      </LeafRow>

      <h3>Looks</h3>
      <template v-if="holds === 'text'">
        <LeafRow :block="one" label="type level" :path="['look', 'level']">
          <select
            :value="value(['look', 'level']) ?? ''"
            aria-label="Type level"
            @change="pick('Change type level', ['look', 'level'], $event)"
          >
            <option value="">as {{ tagOf(one) }}</option>
            <option v-for="level in levels" :key="level.id" :value="level.id">{{ level.name }}</option>
          </select>
        </LeafRow>
        <LeafRow v-if="kind.tags.length > 1" :block="one" label="is" :path="['tag']">
          <select
            :value="tagOf(one)"
            aria-label="Element"
            @change="setOwn('Change element', 'tag', ($event.target as HTMLSelectElement).value)"
          >
            <option v-for="tag in kind.tags" :key="tag" :value="tag">{{ tag }}</option>
          </select>
        </LeafRow>
        <LeafRow :block="one" label="lines" :path="['look', 'textAlign']">
          <select
            :value="value(['look', 'textAlign'])"
            aria-label="Lines"
            @change="pick('Align text', ['look', 'textAlign'], $event)"
          >
            <option value="start">at the start</option>
            <option value="centre">in the middle</option>
            <option value="end">at the end</option>
          </select>
        </LeafRow>
      </template>
      <LeafRow v-if="holds !== 'picture'" :block="one" label="ground" :path="['look', 'fill']">
        <select :value="fill" aria-label="Ground" @change="setFill">
          <option value="">none</option>
          <option v-for="colour in colours" :key="colour.id" :value="`token:${colour.id}`">
            {{ colour.name }}
          </option>
          <option v-if="fill.startsWith('hex:')" :value="fill">{{ fill.slice(4) }}</option>
        </select>
      </LeafRow>
      <LeafRow :block="one" label="hidden at this width" :path="['hidden']">
        <input
          type="checkbox"
          :checked="!!value(['hidden'])"
          aria-label="Hidden at this width"
          @change="
            page.set(
              'Hide',
              ['hidden'],
              ($event.target as HTMLInputElement).checked || (page.isLead.value ? undefined : false),
            )
          "
        />
      </LeafRow>
      <SeenBy :drawing="page.drawing.value" :block="one.id" />
      <p v-if="!page.isLead.value" class="note">
        What you change here holds for {{ page.band.value.name }}. <b>≠</b> marks what differs.
      </p>
    </template>
    <template v-else-if="selection.length > 1">
      <h2>{{ selection.length }} blocks</h2>
      <p class="soft">
        Their shared measures stand at the foot. Delete, copy and duplicate work on all of them.
      </p>
    </template>
    <template v-else>
      <h2>Nothing selected</h2>
      <p class="soft">
        Click a block on the page or in the outline. Double-click a text to write in it. Shift adds to the
        selection.
      </p>
    </template>
  </aside>
</template>

<style scoped>
.particulars {
  flex: none;
  width: 256px;
  padding: 14px 14px 24px;
  overflow: auto;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
}
.name {
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  font-weight: 700;
  font-size: 15px;
}
h3 {
  margin: 14px 0 4px;
}
.says {
  max-height: 84px;
  padding: 6px 8px;
  overflow: auto;
  border: 1px solid var(--hairline);
  background: #fff;
}
.stack {
  display: grid;
  gap: 2px;
  margin-top: 8px;
  color: var(--soft);
}
.stack .field {
  color: var(--ink);
}
.note {
  margin-top: 12px;
  color: var(--ochre-text);
}
.trouble {
  color: var(--brick);
  font-weight: 600;
}
.plain {
  margin-top: 4px;
}
</style>
