import fc from 'fast-check'
import { until } from '../testing/pretendBrowser'
import {
  DRAWING,
  editText,
  onDrawing,
  onSite,
  putPage,
  putText,
  removePage,
  setTitle,
  words,
} from '../testing/smallChanges'
import { beginProject, closeTabs, isQuiet, openTab, quiet, retry, server, tabs } from '../testing/tabs'

/** What may happen next: a change by a tab, an undo, or something on the way to the server. */
const happening = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({
      what: fc.constant('title' as const),
      tab: fc.nat(1),
      page: fc.nat(2),
      title: fc.string({ maxLength: 4 }),
    }),
  },
  {
    weight: 6,
    arbitrary: fc.record({
      what: fc.constant('write' as const),
      tab: fc.nat(1),
      at: fc.nat(8),
      letters: fc.stringMatching(/^[a-z]{1,3}$/),
    }),
  },
  {
    weight: 2,
    arbitrary: fc.record({ what: fc.constant('page' as const), tab: fc.nat(1), page: fc.nat(2) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({ what: fc.constant('remove' as const), tab: fc.nat(1), page: fc.nat(2) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({ what: fc.constantFrom('undo' as const, 'redo' as const), tab: fc.nat(1) }),
  },
  {
    weight: 3,
    arbitrary: fc.record({
      what: fc.constantFrom(
        'pause' as const,
        'fall' as const,
        'lose' as const,
        'hold' as const,
        'tell' as const,
      ),
    }),
  },
)

async function happens(one: typeof happening extends fc.Arbitrary<infer T> ? T : never) {
  const { session } = tabs['tab' in one ? one.tab : 0]
  if (one.what === 'title') session.change('Rename', onSite(setTitle(`page${one.page}`, one.title)))
  else if (one.what === 'page') session.change('Add', onSite(putPage(`page${one.page}`)))
  else if (one.what === 'remove') session.change('Delete', onSite(removePage(`page${one.page}`)))
  else if (one.what === 'write') {
    const at = Math.min(one.at, Math.max(0, words(session.documents).length - 1))
    session.change('Write', onDrawing(editText(...(at ? [{ retain: at }] : []), { insert: one.letters })))
  } else if (one.what === 'undo') session.undo()
  else if (one.what === 'redo') session.redo()
  else if (one.what === 'pause')
    for (let turn = 0; turn < 5; turn++) await new Promise((resolve) => setImmediate(resolve))
  else if (one.what === 'lose') server.answersToLose = 1
  else if (one.what === 'hold') server.isStreamHeld = true
  else if (one.what === 'tell') {
    server.isStreamHeld = false
    server.tell()
  } else {
    server.fall()
    await new Promise((resolve) => setImmediate(resolve))
    server.rise()
  }
}

test('whatever two tabs do and whatever fails on the way, all end equal', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(happening, { minLength: 5, maxLength: 40 }), async (story) => {
      beginProject()
      const [one] = [await openTab(), await openTab()]
      one.session.change('Draw', onDrawing(...putText('Boats\n')))
      await until(() => tabs[1].session.documents[DRAWING] !== undefined)
      for (const next of story) await happens(next)
      server.isStreamHeld = false
      const isOver = () => tabs.every(isQuiet) && server.sockets.size === tabs.length
      for (let round = 0; round < 6 && !isOver(); round++) await retry()
      await quiet(...tabs)
      server.tell()
      await until(() => tabs.every(({ session }) => equal(session.documents, server.documents)), 'equality')
      closeTabs()
    }),
    { numRuns: 100, seed: 7 },
  )
})

const equal = (a: unknown, b: unknown) => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))
/** Plain data with the keys of every object in order. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted)
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(
    Object.entries(value)
      .sort()
      .map(([key, inner]) => [key, sorted(inner)]),
  )
}
