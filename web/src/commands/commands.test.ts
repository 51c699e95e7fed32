import { createPinia, setActivePinia } from 'pinia'
import { effectScope, ref } from 'vue'
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

test('commands given by a function follow what they are of', () => {
  const bands = ref(['Narrow', 'Wide'])
  const scope = effectScope()
  scope.run(() =>
    useCommands().offer(() => bands.value.map((name, index) => command(name, [String(index + 1)]))),
  )
  press('2')
  bands.value = ['Narrow', 'Medium', 'Wide']
  press('2', '3')
  expect(done).toEqual(['Wide', 'Medium', 'Wide'])
  scope.stop()
  expect(useCommands().all).toEqual([])
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
