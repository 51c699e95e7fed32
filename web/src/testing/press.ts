import { useCommands } from '../commands/commandStore'

/** Presses keys one after another, written as commands name them. @returns whether each one did something */
export function press(...keys: string[]): boolean[] {
  return keys.map((name) => {
    const parts = name === '+' ? ['+'] : name.split('+')
    const has = (part: string) => parts.slice(0, -1).includes(part)
    const event = { key: parts.at(-1), ctrlKey: has('Ctrl'), altKey: has('Alt'), shiftKey: has('Shift') }
    const { commandFor, runKey } = useCommands()
    const command = commandFor(event as KeyboardEvent)
    // What the browser's own event would run.
    if (command?.isByEvent) command.run()
    return command?.isByEvent ?? runKey(event as KeyboardEvent)
  })
}
