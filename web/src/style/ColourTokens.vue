<script setup lang="ts">
import { ElButton, ElPopconfirm } from 'element-plus'
import { computed, ref } from 'vue'
import { ROLES, type Role } from '@nolvex/core/colour/roles'
import type { ColourNotation } from '@nolvex/core/colour/writeColour'
import type { Json } from '@nolvex/core/document/types'
import { tokenColour, type ColourToken } from '@nolvex/core/style/token'
import ChoiceField from '../forms/ChoiceField.vue'
import CountField from '../forms/CountField.vue'
import LineInput from '../forms/LineInput.vue'
import ColourField from './ColourField.vue'
import ColourRamp from './ColourRamp.vue'
import { useColourUse } from './useColourUse'
import { useGuide } from './useGuide'

/** The guide's colours, each with its value in both sets, what it is for, and how much of the pages it covers. */
defineProps<{ notation: ColourNotation }>()
const { project, set, usedWords, replace, remove } = useGuide()
const { colours, shares, hexOf } = useColourUse()
const open = ref<string>()

const write = (token: ColourToken, field: string, value: Json | undefined) =>
  set(`Change ${token.name}`, 'tokens', token.id, [field], value, `${token.id} ${field}`)

/** A colour that is another's shows that one's name. */
const aliasOf = ({ value }: ColourToken) =>
  typeof value === 'string' ? undefined : project.style.records.tokens[value.token]?.name
const darkOf = ({ dark, id }: ColourToken) =>
  dark === undefined ? undefined : tokenColour(project.style.records.tokens, id, 'dark')

const roles = Object.fromEntries(Object.entries(ROLES)) as Record<Role, string>
const PROMINENCES = { primary: 'primary', secondary: 'secondary', neutral: 'neutral', signal: 'signal' }
const others = computed(
  () => (id: string) =>
    Object.fromEntries(colours.value.filter((one) => one.id !== id).map((one) => [one.id, one.name])),
)
const round = (share: number | undefined) => (share === undefined ? 0 : Math.round(share * 10) / 10)
</script>

<template>
  <div class="colour-tokens" role="table" aria-label="Colours">
    <div class="row head" role="row">
      <span role="columnheader">Name</span>
      <span role="columnheader">Value</span>
      <span role="columnheader">In the dark set</span>
      <span role="columnheader">For</span>
      <span role="columnheader">Covers</span>
      <span role="columnheader"><span class="visually-hidden">More</span></span>
    </div>
    <template v-for="token in colours" :key="token.id">
      <div class="row" role="row" :data-token="token.name">
        <span role="cell"
          ><LineInput
            :label="`Name of ${token.name}`"
            :value="token.name"
            :max="100"
            @change="$event && write(token, 'name', $event)"
        /></span>
        <span role="cell">
          <ColourField
            :label="`${token.name}: value`"
            :value="hexOf(token.id)"
            :notation="notation"
            @change="$event && write(token, 'value', $event)"
          />
          <small v-if="aliasOf(token)" class="soft">as {{ aliasOf(token) }}</small>
        </span>
        <span role="cell"
          ><ColourField
            :label="`${token.name}: value in the dark set`"
            :value="darkOf(token)"
            :notation="notation"
            placeholder="the same"
            is-optional
            @change="write(token, 'dark', $event)"
        /></span>
        <span role="cell"
          ><ChoiceField
            :label="`What ${token.name} is for`"
            hide-label
            :value="token.role"
            :choices="roles"
            none="nothing in particular"
            @change="write(token, 'role', $event)"
        /></span>
        <span role="cell" class="share">
          <span class="bar" aria-hidden="true"
            ><span :style="{ width: `${Math.min(100, shares.get(token.id) ?? 0)}%` }" /><i
              v-if="token.share !== undefined"
              :style="{ left: `${token.share}%` }"
          /></span>
          {{ round(shares.get(token.id)) }} %
        </span>
        <span role="cell"
          ><ElButton
            link
            :aria-expanded="open === token.id"
            :aria-label="`More of ${token.name}`"
            @click="open = open === token.id ? undefined : token.id"
            >{{ open === token.id ? 'Less' : 'More' }}</ElButton
          ></span
        >
      </div>
      <div v-if="open === token.id" class="more">
        <ChoiceField
          label="Meant to be"
          :value="token.prominence"
          :choices="PROMINENCES"
          none="not said"
          @change="write(token, 'prominence', $event)"
        />
        <CountField
          label="Meant to cover, %"
          :value="token.share"
          :least="0"
          :most="100"
          placeholder="not said"
          @change="write(token, 'share', $event)"
        />
        <ChoiceField
          label="The same as"
          :value="typeof token.value === 'string' ? undefined : token.value.token"
          :choices="others(token.id)"
          none="a colour of its own"
          @change="write(token, 'value', $event ? { token: $event } : (hexOf(token.id) ?? '#000000'))"
        />
        <ChoiceField
          label="Put in its place everywhere"
          :value="undefined"
          :choices="others(token.id)"
          none="choose another"
          @change="$event && replace(`Replace ${token.name} everywhere`, 'tokens', token.id, $event, false)"
        />
        <p class="soft">It is {{ usedWords(token.id) }}.</p>
        <ElPopconfirm
          :title="`${token.name} is ${usedWords(token.id)}. What names it will have no colour.`"
          confirm-button-text="Delete it all the same"
          cancel-button-text="Keep it"
          width="300"
          @confirm="remove(`Delete ${token.name}`, 'tokens', token.id)"
        >
          <template #reference><ElButton>Delete</ElButton></template>
        </ElPopconfirm>
        <ColourRamp class="ramp" :token="token" :hex="hexOf(token.id) ?? '#000000'" />
      </div>
    </template>
    <p v-if="colours.length === 0" class="soft">No colours yet. Add some, or begin with the quick start.</p>
  </div>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns:
    minmax(96px, 1fr) minmax(150px, 1.3fr) minmax(150px, 1.3fr) minmax(110px, 1fr)
    96px 44px;
  gap: 8px;
  align-items: start;
  padding: 4px 0;
  border-bottom: 1px dotted var(--edge);
}
.head {
  color: var(--soft);
}
.share {
  padding-top: 4px;
  font-variant-numeric: tabular-nums;
}
.bar {
  position: relative;
  display: inline-block;
  width: 44px;
  height: 8px;
  background: var(--desk);
}
.bar span {
  display: block;
  height: 100%;
  background: var(--slate);
}
.bar i {
  position: absolute;
  top: -3px;
  bottom: -3px;
  width: 2px;
  background: var(--ochre-text);
}
.more {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px 12px;
  align-items: end;
  padding: 8px 12px 12px;
  background: var(--desk);
}
.more > p {
  grid-column: span 3;
}
.ramp {
  grid-column: 1 / -1;
}
</style>
