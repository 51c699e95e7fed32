<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import CommandList from './commands/CommandList.vue'
import ShortcutList from './commands/ShortcutList.vue'
import { isField } from './commands/isField'
import { isDialogOpen, isPassedOn, passEscapeOn } from './commands/onTop'
import { useCommands } from './commands/commandStore'

const commands = useCommands()

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.defaultPrevented || isPassedOn(event) || isTyping(event) || isDialogs) return
  if (commands.runKey(event)) event.preventDefault()
})

/** Before anything takes the key: a dialogue it closes is gone when the key comes by here. */
let isDialogs = false
useEventListener(
  window,
  'keydown',
  (event) => {
    isDialogs = isDialogOpen()
    passEscapeOn(event)
  },
  { capture: true },
)

/** Keys belong to a text being typed, but for the command list. */
function isTyping(event: KeyboardEvent): boolean {
  const { target } = event
  if (!(target instanceof HTMLElement)) return false
  // A tick or a choice takes the keys it is turned by, and no others.
  if (target instanceof HTMLInputElement && /^(?:radio|checkbox)$/.test(target.type))
    return event.key === ' ' || event.key.startsWith('Arrow')
  return isField(target) && !((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k')
}
</script>

<template>
  <RouterView />
  <CommandList />
  <ShortcutList />
</template>
