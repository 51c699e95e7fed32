<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import CommandList from './commands/CommandList.vue'
import ShortcutList from './commands/ShortcutList.vue'
import { useCommands } from './commands/commandStore'

const commands = useCommands()

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.defaultPrevented || isTyping(event)) return
  if (commands.runKey(event)) event.preventDefault()
})

/** Keys belong to a text being typed, but for the command list. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement
  const isField = target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
  return isField && !((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k')
}
</script>

<template>
  <RouterView />
  <CommandList />
  <ShortcutList />
</template>
