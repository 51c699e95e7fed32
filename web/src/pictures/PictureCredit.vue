<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Credit } from '@nolvex/core/site/credit'
import TextField from '../forms/TextField.vue'
import { useProject } from '../session/projectStore'

/** Where a picture is from and what it may be used for: said in a line, and written below it. */
const props = defineProps<{ asset: string; name: string }>()
const project = useProject()
const isOpen = ref(false)
const credit = computed(() => project.site.records.credits[props.asset] as Credit | undefined)
const said = computed(() => [credit.value?.source, credit.value?.licence].filter(Boolean).join(', '))

function write(leaf: 'source' | 'licence', value: string | undefined) {
  const label = `Say where ${props.name} is from`
  const { asset: id } = props
  if (credit.value) return project.setSite(label, 'credits', id, [leaf], value)
  if (value)
    project.changeSite(label, [{ type: 'put', collection: 'credits', id, record: { id, [leaf]: value } }])
}
</script>

<template>
  <span class="picture-credit">
    <ElButton
      link
      :aria-expanded="isOpen"
      :aria-label="`Source and licence of ${name}${said ? `: ${said}` : ''}`"
      @click="isOpen = !isOpen"
      >{{ said || 'source and licence…' }}</ElButton
    >
    <span v-if="isOpen" class="fields">
      <TextField
        label="Comes from"
        placeholder="who made it, or where it was found"
        :value="credit?.source"
        @change="write('source', $event)"
      />
      <TextField
        label="Licence"
        placeholder="what it may be used for, until when"
        :value="credit?.licence"
        @change="write('licence', $event)"
      />
    </span>
  </span>
</template>

<style scoped>
.picture-credit {
  display: grid;
  justify-items: start;
  font-size: 11px;
}
.picture-credit > .el-button {
  overflow: hidden;
  max-width: 100%;
  font-size: 11px;
  font-weight: 400;
}
.fields {
  display: grid;
  gap: 4px;
  width: 100%;
  padding-bottom: 6px;
}
</style>
