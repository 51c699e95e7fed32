<script setup lang="ts">
import { ElButton, ElInput, ElMessage } from 'element-plus'
import { ref } from 'vue'
import type { MainColour } from '@nolvex/core/colour/mainColours'
import { cssColourName } from '@nolvex/core/colour/writeColour'
import { readTokens } from '@nolvex/core/formats/tokens/readTokens'
import { takeTokens } from '@nolvex/core/formats/tokens/takeTokens'
import FilePick from '../forms/FilePick.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { newId } from '../session/newId'
import { picturesColours } from './picturesColours'
import { useGuide } from './useGuide'

/** Ways to more colours: typed, read from a file, or the main ones of a picture. */
const { project, change, addTokens, tokens } = useGuide()
const text = ref('')
const trouble = ref('')
const remarks = ref<string[]>([])
const found = ref<MainColour[]>([])
const isLooking = ref(false)

function take(written: string) {
  trouble.value = ''
  remarks.value = []
  try {
    const read = readTokens(written)
    const { operations, added, changed } = takeTokens(project.style, read.tokens, newId)
    change('Take tokens', operations)
    remarks.value = read.remarks.map(({ line, remark }) => `${line}: ${remark}`)
    ElMessage({ message: `${added} added, ${changed} changed.` })
    text.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}

async function readFile([file]: File[]) {
  take(await file.text())
}

async function look([file]: File[]) {
  trouble.value = ''
  isLooking.value = true
  try {
    const { colours, wasCmyk } = await picturesColours(file)
    found.value = colours
    remarks.value = wasCmyk ? [`“${file.name}” is in CMYK. Its colours are read as screens show them.`] : []
    if (found.value.length === 0) trouble.value = `“${file.name}” shows nothing but transparency.`
  } catch (error) {
    trouble.value = (error as Error).message
  } finally {
    isLooking.value = false
  }
}

function keep({ hex }: MainColour) {
  const base = cssColourName(hex) ?? `Picture ${hex.slice(1)}`
  if (tokens.value.some(({ name }) => name === base)) return
  addTokens(`Add ${base}`, [{ type: 'colour', name: base, value: hex }])
}

/** Any point of the screen, where the browser lets one pick it. */
const canPick = 'EyeDropper' in window
async function pick() {
  const { EyeDropper } = window as unknown as {
    EyeDropper: new () => { open: () => Promise<{ sRGBHex: string }> }
  }
  const { sRGBHex } = await new EyeDropper().open().catch(() => ({ sRGBHex: '' }))
  if (sRGBHex) keep({ hex: sRGBHex.toLowerCase(), share: 1 })
}
</script>

<template>
  <div class="colour-adder">
    <label
      >Colours, one a line
      <ElInput
        v-model="text"
        type="textarea"
        :rows="3"
        aria-label="Colours, one a line"
        placeholder="Main #1f5b4c&#10;Sand: rgb(240 230 210)&#10;Sea oklch(0.6 0.1 230)"
    /></label>
    <div class="acts">
      <ElButton type="primary" :disabled="!text.trim()" @click="take(text)">Add these</ElButton>
      <FilePick
        words="From a file of tokens"
        label="Read tokens from a file: DTCG, CSS, GPL or text"
        accept=".json,.css,.gpl,.txt,.tokens"
        @files="readFile"
      />
      <FilePick words="From a picture" accept="image/*" @files="look" />
      <ElButton v-if="canPick" @click="pick">From a point of the screen</ElButton>
    </div>
    <p v-if="isLooking" role="status">Looking at the picture…</p>
    <div v-if="found.length" class="found">
      <span class="soft">Its main colours. Press one to keep it:</span>
      <ElButton v-for="one in found" :key="one.hex" @click="keep(one)"
        ><span class="swatch" :style="{ background: one.hex }" />{{ one.hex }}
        {{ Math.round(one.share * 100) }} %</ElButton
      >
    </div>
    <TroubleNote :says="trouble" />
    <ul v-if="remarks.length" class="remarks">
      <li v-for="remark in remarks.slice(0, 20)" :key="remark">{{ remark }}</li>
      <li v-if="remarks.length > 20">and {{ remarks.length - 20 }} more</li>
    </ul>
  </div>
</template>

<style scoped>
.colour-adder {
  display: grid;
  gap: 8px;
  padding: 10px 12px;
  background: var(--desk);
}
label {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.acts,
.found {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}
.acts .el-button,
.found .el-button {
  margin-left: 0;
}
.swatch {
  width: 14px;
  height: 14px;
  margin-right: 6px;
  border: 1px solid var(--edge);
}
.remarks {
  margin: 0;
  padding-left: 16px;
  color: var(--ochre-text);
}
</style>
