import { defineStore } from 'pinia'
import { computed, onScopeDispose, shallowRef, toValue, type MaybeRefOrGetter } from 'vue'

/** Something that can be done here: found by typing, or by its key. */
export interface Command {
  id: string
  label: string
  /** keys such as `Ctrl+Z`, `Delete`, `Alt+ArrowUp` */
  keys?: string[]
  run: () => void
  /** its key is left to the browser, whose own event then runs it: copying and pasting */
  isByEvent?: boolean
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

  /** The command a key stands for now. */
  function commandFor(event: KeyboardEvent): Command | undefined {
    const pressed = keyName(event)
    return all.value.findLast(
      ({ keys, enabled }) => keys?.includes(pressed) && (enabled === undefined || enabled()),
    )
  }

  /** Runs the command a key stands for, unless that is left to the browser. @returns whether it was run */
  function runKey(event: KeyboardEvent): boolean {
    const command = commandFor(event)
    if (!command || command.isByEvent) return false
    command.run()
    return true
  }

  return { all, offer, commandFor, runKey }
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
