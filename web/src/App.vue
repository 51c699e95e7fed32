<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import CommandList from './commands/CommandList.vue'
import ShortcutList from './commands/ShortcutList.vue'
import { isDialogOpen, passEscapeOn } from './commands/onTop'
import { useCommands } from './commands/commandStore'

const commands = useCommands()

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.defaultPrevented || isTyping(event) || isDialogOpen()) return
  if (commands.runKey(event)) event.preventDefault()
})

useEventListener(window, 'keydown', passEscapeOn, { capture: true })

/** Keys belong to a text being typed, but for the command list. */
function isTyping(event: KeyboardEvent): boolean {
  const { target } = event
  if (!(target instanceof HTMLElement)) return false
  const isField = target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)
  return isField && !((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k')
}
</script>

<template>
  <RouterView />
  <CommandList />
  <ShortcutList />
</template>
