import { createPinia, setActivePinia } from 'pinia'
import { effectScope } from 'vue'
import { press } from '../testing/press'
import { useCommands, type Command } from './commandStore'

let done: string[] = []
beforeEach(() => {
  setActivePinia(createPinia())
  done = []
})

const command = (id: string, keys: string[], enabled?: () => boolean): Command => ({
  id,
  label: id,
  keys,
  run: () => done.push(id),
  enabled,
})

/** A view that offers commands for as long as it is there. */
function view(...commands: Command[]) {
  const scope = effectScope()
  scope.run(() => useCommands().offer(commands))
  return () => scope.stop()
}

test('a key goes to the view that came last and can use it, else to the one before', () => {
  let isUseful = true
  view(command('walk the map', ['ArrowUp']))
  view(command('move the guide', ['ArrowUp'], () => isUseful))
  press('ArrowUp')
  isUseful = false
  press('ArrowUp')
  expect(done).toEqual(['move the guide', 'walk the map'])
})

test('commands go with their view', () => {
  const leave = view(command('delete the block', ['Delete']))
  view(command('find', ['/']))
  leave()
  expect(press('Delete', '/')).toEqual([false, true])
  expect(useCommands().all.map(({ id }) => id)).toEqual(['find'])
})

test.each([
  ['Ctrl+Z', { key: 'z', ctrlKey: true }],
  ['Ctrl+Z', { key: 'z', metaKey: true }],
  ['Ctrl+Shift+Z', { key: 'Z', ctrlKey: true, shiftKey: true }],
  ['Alt+ArrowUp', { key: 'ArrowUp', altKey: true }],
  ['Shift+G', { key: 'G', shiftKey: true }],
  ['/', { key: '/' }],
  ['E', { key: 'e' }],
])('%s is what a keyboard says it is', (keys, event) => {
  view(command('it', [keys]), command('another', ['Ctrl+Alt+Q']))
  const whole = { ctrlKey: false, altKey: false, shiftKey: false, metaKey: false, ...event } as KeyboardEvent
  expect(useCommands().runKey(whole)).toBe(true)
  expect(done).toEqual(['it'])
})

test('a key nobody has offered, or with another one held, does nothing', () => {
  view(command('delete', ['Delete']))
  expect(press('Ctrl+Delete', 'Shift+Delete', 'F9')).toEqual([false, false, false])
  expect(done).toEqual([])
})
