<script setup lang="ts">
import { ElInput, type InputInstance } from 'element-plus'
import { computed, nextTick, ref, watch } from 'vue'
import { useCommands, type Command } from './commandStore'

const commands = useCommands()
const isOpen = ref(false)
const typed = ref('')
const chosen = ref(0)
const field = ref<InputInstance>()

commands.offer([{ id: 'commands', label: 'Find or do…', keys: ['Ctrl+K'], run: () => (isOpen.value = true) }])
defineExpose({ open: () => (isOpen.value = true) })

const found = computed(() => {
  const words = typed.value.toLowerCase().split(/\s+/).filter(Boolean)
  const isOffered = ({ id, enabled }: Command) => id !== 'commands' && (enabled === undefined || enabled())
  return commands.all.filter(
    (command) => isOffered(command) && words.every((word) => command.label.toLowerCase().includes(word)),
  )
})

watch(isOpen, async (open) => {
  if (!open) return
  typed.value = ''
  chosen.value = 0
  await nextTick()
  field.value?.focus()
})
watch(typed, () => (chosen.value = 0))

function move(step: number) {
  chosen.value = (chosen.value + step + found.value.length) % Math.max(1, found.value.length)
}

function run(command: Command | undefined) {
  if (!command) return
  isOpen.value = false
  command.run()
}
</script>

<template>
  <div v-if="isOpen" class="veil" @pointerdown.self="isOpen = false">
    <div class="list" role="dialog" aria-label="Find or do">
      <ElInput
        ref="field"
        v-model="typed"
        class="typed"
        placeholder="Type what you want to do or where to go"
        aria-label="Find or do"
        role="combobox"
        aria-expanded="true"
        aria-controls="commands-found"
        :aria-activedescendant="found[chosen] && `command-${found[chosen].id}`"
        @keydown.down.prevent="move(1)"
        @keydown.up.prevent="move(-1)"
        @keydown.enter.prevent="run(found[chosen])"
        @keydown.esc.stop="isOpen = false"
      />
      <ul id="commands-found" role="listbox" aria-label="Commands">
        <li
          v-for="(command, index) in found"
          :id="`command-${command.id}`"
          :key="command.id"
          role="option"
          :aria-selected="index === chosen"
          @pointerenter="chosen = index"
          @click="run(command)"
        >
          <span>{{ command.label }}</span>
          <kbd v-if="command.keys">{{ command.keys[0] }}</kbd>
        </li>
      </ul>
      <p v-if="found.length === 0" class="none">Nothing here is called that. Try another word.</p>
    </div>
  </div>
</template>

<style scoped>
.veil {
  position: fixed;
  inset: 0;
  z-index: 3000;
  background: rgb(23 33 30 / 35%);
}
.list {
  width: 520px;
  margin: 96px auto 0;
  background: var(--paper);
  border: 1px solid var(--ink);
}
.typed {
  width: 100%;
  height: 44px;
  padding: 0 16px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: none;
  font-size: 15px;
}
ul {
  max-height: 380px;
  margin: 0;
  padding: 4px 0;
  overflow: auto;
  list-style: none;
}
li {
  display: flex;
  justify-content: space-between;
  padding: 6px 16px;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--pine-tint);
}
kbd {
  color: var(--soft);
  font: inherit;
}
.none {
  padding: 8px 16px 16px;
  color: var(--soft);
}
</style>
