import { jest } from '@jest/globals'
import type { Operation } from '@nolvex/core/document/types'
import { locks, until } from '../testing/pretendBrowser'
import {
  DRAWING,
  editText,
  idOf,
  onDrawing,
  onSite,
  putPage,
  putText,
  titleIn,
  titles,
  words,
} from '../testing/smallChanges'
import { beginProject, closeTabs, openTab, quiet, retry, server, settle } from '../testing/tabs'
import { storeQueue } from './queue'

beforeEach(beginProject)
afterEach(closeTabs)

/** A tab writes in a text while the server is away, and goes; meanwhile somebody else writes in it. */
async function leaveWordsBehind() {
  const gone = await openTab()
  gone.session.change('Draw', onDrawing(...putText('Boats\n')))
  await quiet(gone)
  server.fall()
  gone.session.change('Write', onDrawing(editText({ retain: 5 }, { insert: ' sail' })))
  await settle()
  gone.session.close()
  locks.releaseAll()
  server.rise()
  server.commitFromElsewhere(onDrawing(editText({ insert: 'Small ' })))
}

describe('a tab that is gone', () => {
  test('leaves its work to the next one', async () => {
    const gone = await openTab()
    server.fall()
    gone.session.change('Add page', onSite(putPage('harbour')))
    gone.session.change('Add another', onSite(putPage('quay')))
    await settle()
    gone.session.close()
    locks.releaseAll()
    server.rise()
    const next = await openTab()
    await quiet(next)
    expect(titles(server.documents)).toEqual(['harbour', 'quay'])
  })

  test('leaves nothing twice, where the server had made the change already', async () => {
    const gone = await openTab()
    server.answersToLose = 1
    gone.session.change('Add page', onSite(putPage('harbour')))
    await until(() => server.log.length === 1)
    gone.session.close()
    locks.releaseAll()
    const next = await openTab()
    await quiet(next)
    expect(server.log).toHaveLength(1)
    expect(titleIn(next.session.documents, 'harbour')).toBe('harbour')
  })

  test('keeps its work while it lives', async () => {
    const asleep = await openTab()
    server.fall()
    asleep.session.change('Add page', onSite(putPage('harbour')))
    await settle()
    server.rise()
    const other = await openTab()
    await quiet(other)
    expect(server.log).toHaveLength(0)
    await retry()
    await quiet(asleep)
    expect(server.log).toHaveLength(1)
  })

  test('left by an earlier Nolvex, is sent in the form things have now', async () => {
    const gone = await openTab()
    gone.session.change('Draw', onDrawing(...putText('Boats\n')))
    await quiet(gone)
    gone.session.close()
    locks.releaseAll()
    const id = 'text000000000000'
    const length = { value: 4, unit: 'px' }
    const radius: Operation = {
      type: 'set',
      collection: 'blocks',
      id,
      path: ['look', 'radius'],
      value: length,
    }
    // As queues were kept before parts said their schema.
    const change = {
      id: idOf('old'),
      client: 'before',
      base: server.revision,
      label: 'Round',
      parts: onDrawing(radius),
    }
    await storeQueue(gone.session.project, 'before', { changes: [{ ...change, sent: false }], aside: [] })
    const next = await openTab()
    await quiet(next)
    expect(next.view.notSaved).toEqual([])
    expect(server.documents[DRAWING].records.blocks[id].look).toEqual({
      radius: { topLeft: length, topRight: length, bottomRight: length, bottomLeft: length },
    })
  })

  test('leaves words where the text has moved on since', async () => {
    await leaveWordsBehind()
    const next = await openTab()
    await quiet(next)
    expect(words(server.documents)).toBe('Small Boats sail\n')
  })

  test('is left alone while the log cannot be read, and carried over it once when it can', async () => {
    await leaveWordsBehind()
    server.logFailures = 1
    const early = await openTab()
    await settle()
    expect(words(server.documents)).toBe('Small Boats\n')
    early.session.close()
    locks.releaseAll()
    await quiet(await openTab())
    expect(words(server.documents)).toBe('Small Boats sail\n')
    expect(server.log).toHaveLength(3)
  })

  test('keeps its queue until the next one has written its own', async () => {
    const gone = await openTab()
    server.fall()
    gone.session.change('Add page', onSite(putPage('harbour')))
    await settle()
    gone.session.close()
    locks.releaseAll()
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('The disk is full.', 'QuotaExceededError')
    })
    server.rise()
    server.refusals = [503, 503, 503]
    const full = await openTab()
    await settle()
    full.session.change('Add another', onSite(putPage('quay')))
    await settle()
    expect(full.view).toMatchObject({ waiting: 2, isKept: false })
    full.session.close()
    put.mockRestore()
    locks.releaseAll()
    server.refusals = []
    await quiet(await openTab())
    expect(titles(server.documents)).toEqual(['harbour'])
    expect(server.log).toHaveLength(1)
  })
})
