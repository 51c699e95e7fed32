import { jest } from '@jest/globals'
import type { Where } from '@nolvex/core/document/presence'
import { useOthers } from './others'

const at = (selected: string): Where => ({ document: 'pagehome00000000', selected: [selected] })

test('one says where one is, several moves at once, again to whoever comes, and every few seconds', () => {
  jest.useFakeTimers()
  const said: (Where | null)[] = []
  const others = useOthers((where) => said.push(where))
  others.beAt(at('one'))
  others.beAt(at('two'))
  jest.advanceTimersByTime(200)
  expect(said).toEqual([at('two')])
  others.hear({ from: 'b', where: at('there') })
  others.hear({ from: 'b', where: at('elsewhere') })
  jest.advanceTimersByTime(200)
  expect(said).toHaveLength(2)
  expect(others.shown.value).toEqual([{ from: 'b', where: at('elsewhere') }])
  jest.advanceTimersByTime(10_000)
  expect(said).toHaveLength(3)
  jest.advanceTimersByTime(30_000)
  expect(others.shown.value).toEqual([])
  others.hear({ from: 'c', where: at('x') })
  others.hear({ from: 'c', where: null })
  expect(others.shown.value).toEqual([])
  others.beAt(null)
  jest.advanceTimersByTime(60_000)
  expect(said.at(-1)).toBeNull()
  jest.useRealTimers()
})
