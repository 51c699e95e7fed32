import { defineStore } from 'pinia'
import { computed, onScopeDispose, shallowRef, toValue, type MaybeRefOrGetter } from 'vue'

/** Something that can be done here: found by typing, or by its key. */
export interface Command {
  id: string
  label: string
  /** keys such as `Ctrl+Z`, `Delete`, `Alt+ArrowUp` */
  keys?: string[]
  run: () => void
  /** offered only where it makes sense */
  enabled?: () => boolean
}

/** All commands of what is on screen now. Views add theirs while they are there. */
export const useCommands = defineStore('commands', () => {
  const groups = shallowRef<MaybeRefOrGetter<Command[]>[]>([])
  const all = computed(() => groups.value.flatMap((group) => toValue(group)))

  /** Adds commands for as long as the calling view lives; a function may give others whenever they change. */
  function offer(commands: MaybeRefOrGetter<Command[]>) {
    groups.value = [...groups.value, commands]
    onScopeDispose(() => (groups.value = groups.value.filter((group) => group !== commands)))
  }

  /** Runs the command a key stands for. @returns whether there was one */
  function runKey(event: KeyboardEvent): boolean {
    const pressed = keyName(event)
    const command = all.value.findLast(
      ({ keys, enabled }) => keys?.includes(pressed) && (enabled === undefined || enabled()),
    )
    if (!command) return false
    command.run()
    return true
  }

  return { all, offer, runKey }
})

function keyName(event: KeyboardEvent): string {
  const key = event.key.length === 1 ? event.key.toUpperCase() : event.key
  const parts = [
    event.ctrlKey || event.metaKey ? 'Ctrl' : '',
    event.altKey ? 'Alt' : '',
    event.shiftKey ? 'Shift' : '',
    key,
  ]
  return parts.filter(Boolean).join('+')
}
