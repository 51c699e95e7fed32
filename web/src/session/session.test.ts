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
  setTitle,
  titleIn,
  titles,
  words,
} from '../testing/smallChanges'
import { beginProject, closeTabs, openTab, quiet, retry, server, settle } from '../testing/tabs'

beforeEach(beginProject)
afterEach(closeTabs)

describe('one tab', () => {
  test('shows a change at once, then has it saved', async () => {
    const tab = await openTab()
    expect(tab.name).toBe('Pretend')
    tab.session.change('Add page', onSite(putPage('harbour')))
    expect(titleIn(tab.session.documents, 'harbour')).toBe('harbour')
    expect(tab.view).toMatchObject({ connection: 'saving', waiting: 1 })
    await quiet(tab)
    expect(server.documents).toEqual(tab.session.documents)
  })

  test('sends changes in order, one in flight', async () => {
    const tab = await openTab()
    for (let number = 0; number < 20; number++) tab.session.change('Add page', onSite(putPage(`p${number}`)))
    await quiet(tab)
    expect(server.log.map(({ parts }) => parts[0].operations[0])).toEqual(
      Array.from({ length: 20 }, (_, number) => putPage(`p${number}`)),
    )
    expect(new Set(server.received).size).toBe(server.received.length)
  })

  test('repeats a change whose answer was lost; it is made once', async () => {
    const tab = await openTab()
    server.answersToLose = 1
    server.isStreamHeld = true
    tab.session.change('Add page', onSite(putPage('harbour')))
    await until(() => tab.view.connection === 'offline')
    await retry()
    await quiet(tab)
    expect(server.received).toHaveLength(2)
    expect(server.log).toHaveLength(1)
  })

  test('works on without a server, says so, and sends everything when it is back', async () => {
    const tab = await openTab()
    server.fall()
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.change('Rename page', onSite(setTitle('harbour', 'Quay')))
    await settle()
    expect(tab.view).toMatchObject({ connection: 'offline', waiting: 2 })
    expect(titleIn(tab.session.documents, 'harbour')).toBe('Quay')
    await retry()
    expect(tab.view.connection).toBe('offline')
    server.rise()
    await retry()
    await quiet(tab)
    expect(server.documents.site.records.pages[idOf('harbour')].title).toBe('Quay')
  })

  test('is not called offline for an answer that was lost, once the stream has brought the change', async () => {
    const tab = await openTab()
    server.answersToLose = 1
    tab.session.change('Add page', onSite(putPage('harbour')))
    await settle()
    await retry()
    await quiet(tab)
    expect(server.received).toHaveLength(1)
  })

  test.each([429, 503])('tries again after an answer of %d', async (status) => {
    const tab = await openTab()
    server.refusals = [status]
    tab.session.change('Add page', onSite(putPage('harbour')))
    await until(() => tab.view.connection === 'offline')
    await retry()
    await quiet(tab)
    expect(titles(server.documents)).toEqual(['harbour'])
    expect(tab.view.notSaved).toEqual([])
  })

  test('gives back what the server will never take, with its reason, and sends the rest', async () => {
    const tab = await openTab()
    server.refusals = [413]
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.change('Add another', onSite(putPage('quay')))
    await quiet(tab)
    expect(tab.view.notSaved).toEqual([
      {
        label: 'Add page',
        outcomes: [expect.objectContaining({ result: 'refused', reason: 'Answered 413.' })],
      },
    ])
    expect(titles(tab.session.documents)).toEqual(['quay'])
    tab.session.dismissNotSaved()
    expect(tab.view.notSaved).toEqual([])
  })

  test('sets aside what meets an answer nobody foresaw, after some tries, and goes on', async () => {
    const tab = await openTab()
    server.refusals = [500, 500, 500, 500]
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.change('Add another', onSite(putPage('quay')))
    await until(() => tab.view.connection === 'offline')
    for (let tries = 0; tries < 3; tries++) {
      expect(tab.view.notSaved).toEqual([])
      await retry()
      await settle()
    }
    await quiet(tab)
    expect(titles(server.documents)).toEqual(['quay'])
    expect(tab.view.notSaved).toMatchObject([{ label: 'Add page', outcomes: [{ reason: 'Answered 500.' }] }])

    tab.session.retryNotSaved(tab.view.notSaved[0])
    await quiet(tab)
    expect(tab.view.notSaved).toEqual([])
    expect(titles(server.documents).sort()).toEqual(['harbour', 'quay'])
  })

  test('what was set aside is found again by the next tab', async () => {
    const tab = await openTab()
    server.refusals = [500, 500, 500, 500]
    tab.session.change('Add page', onSite(putPage('harbour')))
    for (let tries = 0; tries < 4; tries++) {
      await settle()
      await retry()
    }
    await until(() => tab.view.notSaved.length === 1)
    await settle()
    tab.session.close()
    locks.releaseAll()
    const next = await openTab()
    await until(() => next.view.notSaved.length === 1)
    next.session.retryNotSaved(next.view.notSaved[0])
    await quiet(next)
    expect(titles(server.documents)).toEqual(['harbour'])
  })

  test('an answer that is no change is none', async () => {
    const tab = await openTab()
    const { answer } = server
    let odd = 1
    server.answer = (path, init) =>
      init?.method === 'POST' && odd-- > 0
        ? Promise.resolve(new Response('<h1>Welcome</h1>', { status: 200 }))
        : answer.call(server, path, init)
    tab.session.change('Add page', onSite(putPage('harbour')))
    await settle()
    await retry()
    await quiet(tab)
    expect(titles(server.documents)).toEqual(['harbour'])
  })

  test('half a character, as cutting may leave it, is mended before it is kept or sent', async () => {
    const tab = await openTab()
    tab.session.change('Add page', onSite(putPage('harbour'), setTitle('harbour', '😀'.slice(0, 1) + 'a\0b')))
    await quiet(tab)
    expect(titleIn(server.documents, 'harbour')).toBe('\uFFFDab')
    expect(titleIn(tab.session.documents, 'harbour')).toBe('\uFFFDab')
  })

  test('a project that was deleted is said to be gone, and nothing is sent any more', async () => {
    const tab = await openTab()
    for (const socket of [...server.sockets]) socket.drop(4004)
    expect(tab.view.connection).toBe('gone')
    tab.session.change('Add page', onSite(putPage('harbour')))
    await retry()
    await settle()
    expect(server.received).toEqual([])
  })

  test('a change that breaks a rule never leaves, and says why', async () => {
    const tab = await openTab()
    tab.session.change(
      'Rename page',
      onSite(setTitle('harbour', 'x'), {
        ...putPage('quay'),
        record: { id: idOf('quay'), title: 'no order' },
      } as Operation),
    )
    expect(tab.view.notSaved).toHaveLength(1)
    expect(tab.view.notSaved[0].label).toBe('Rename page')
    expect(server.received).toEqual([])
    expect(tab.session.documents.site.records.pages).toEqual({})
  })

  test('a very large change is sent in pieces and is one step to undo', async () => {
    const tab = await openTab()
    const pages = Array.from({ length: 6000 }, (_, number) => putPage(`p${number}`))
    tab.session.change('Bring in pages', onSite(...pages))
    await quiet(tab)
    expect(server.log.length).toBeGreaterThan(1)
    expect(tab.view.history.undo).toHaveLength(1)
    tab.session.undo()
    await quiet(tab)
    expect(server.documents.site.records.pages).toEqual({})
  })
})

describe('undo and redo', () => {
  test('go back and forth, and are changes like any other', async () => {
    const tab = await openTab()
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.change('Rename page', onSite(setTitle('harbour', 'Quay')))
    await quiet(tab)
    tab.session.undo()
    expect(titleIn(tab.session.documents, 'harbour')).toBe('harbour')
    tab.session.undo()
    expect(titleIn(tab.session.documents, 'harbour')).toBeUndefined()
    tab.session.redo()
    tab.session.redo()
    expect(titleIn(tab.session.documents, 'harbour')).toBe('Quay')
    await quiet(tab)
    expect(server.log.map(({ label }) => label)).toEqual([
      'Add page',
      'Rename page',
      'Undo Rename page',
      'Undo Add page',
      'Redo Add page',
      'Redo Rename page',
    ])
    expect(server.documents).toEqual(tab.session.documents)
  })

  test('a new change ends what could be redone', async () => {
    const tab = await openTab()
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.undo()
    tab.session.change('Add another', onSite(putPage('quay')))
    tab.session.redo()
    expect(titleIn(tab.session.documents, 'harbour')).toBeUndefined()
    expect(tab.view.history.redo).toEqual([])
  })

  test('keep what somebody else has written since, and say so', async () => {
    const tab = await openTab()
    tab.session.change('Add page', onSite(putPage('harbour')))
    tab.session.change('Rename page', onSite(setTitle('harbour', 'Quay')))
    await quiet(tab)
    server.commitFromElsewhere(onSite(setTitle('harbour', 'Pier')))
    await until(() => titleIn(tab.session.documents, 'harbour') === 'Pier')
    tab.session.undo()
    await quiet(tab)
    expect(titleIn(tab.session.documents, 'harbour')).toBe('Pier')
    expect(tab.view.notSaved.map(({ label }) => label)).toEqual(['Undo Rename page'])
    expect(tab.view.notSaved[0].outcomes[0].result).toBe('passed over')
  })

  test('typing under one key is one step', async () => {
    const tab = await openTab()
    tab.session.change('Draw', onDrawing(...putText('Boats\n')))
    for (const [index, letter] of [...' sail'].entries())
      tab.session.change('Write', onDrawing(editText({ retain: 5 + index }, { insert: letter })), 'write')
    expect(words(tab.session.documents)).toBe('Boats sail\n')
    tab.session.undo()
    expect(words(tab.session.documents)).toBe('Boats\n')
    await quiet(tab)
    expect(server.documents).toEqual(tab.session.documents)
  })
})

describe('two tabs', () => {
  test('follow each other', async () => {
    const [one, other] = [await openTab(), await openTab()]
    one.session.change('Add page', onSite(putPage('harbour')))
    await until(() => titleIn(other.session.documents, 'harbour') === 'harbour', 'the page in the other tab')
    other.session.change('Rename page', onSite(setTitle('harbour', 'Quay')))
    await until(() => titleIn(one.session.documents, 'harbour') === 'Quay', 'the title in the first tab')
    await quiet(one, other)
    expect(one.session.documents).toEqual(other.session.documents)
  })

  test('write in one text at once, and both see all of it', async () => {
    const [one, other] = [await openTab(), await openTab()]
    one.session.change('Draw', onDrawing(...putText('Boats\n')))
    await until(() => other.session.documents[DRAWING] !== undefined)
    server.isStreamHeld = true
    one.session.change('Write', onDrawing(editText({ insert: 'Small ' })))
    other.session.change('Write', onDrawing(editText({ retain: 5 }, { insert: ' sail' })))
    await until(() => server.log.length === 3)
    server.tell()
    await quiet(one, other)
    await until(() => words(one.session.documents) === words(other.session.documents))
    expect(words(one.session.documents)).toBe('Small Boats sail\n')
    server.isStreamHeld = false
    other.session.undo()
    await until(() => words(one.session.documents) === 'Small Boats\n', 'the undone words')
  })

  test('news that come out of turn wait for those before them', async () => {
    const [one, other] = [await openTab(), await openTab()]
    server.isStreamHeld = true
    for (const id of ['a', 'b', 'c']) server.commitFromElsewhere(onSite(putPage(id)))
    // The answer to this change is a revision three ahead of what the tab knows.
    one.session.change('Add page', onSite(putPage('d')))
    await quiet(one)
    expect(titles(one.session.documents)).toEqual(['a', 'b', 'c', 'd'])
    expect(other.session.documents.site.records.pages).toEqual({})
    server.tell()
    await until(() => titleIn(other.session.documents, 'd') === 'd')
    expect(other.session.documents).toEqual(one.session.documents)
  })
})

describe('a log that was cut', () => {
  test('a tab too far behind begins anew with its own work on top', async () => {
    const tab = await openTab()
    server.isStreamHeld = true
    server.commitFromElsewhere(onSite(putPage('harbour')))
    server.fall()
    tab.session.change('Add page', onSite(putPage('quay')))
    await settle()
    server.rise()
    server.logFrom = server.revision
    await retry()
    await quiet(tab)
    expect(titles(tab.session.documents)).toEqual(['harbour', 'quay'])
    expect(tab.session.documents).toEqual(server.documents)
    expect(tab.view.notSaved).toEqual([])
  })

  test('what was committed is not called refused because the news before it are gone', async () => {
    const tab = await openTab()
    server.isStreamHeld = true
    server.commitFromElsewhere(onSite(putPage('harbour')))
    server.logFrom = server.revision
    tab.session.change('Add page', onSite(putPage('quay')))
    await quiet(tab)
    expect(tab.view.notSaved).toEqual([])
    expect(tab.session.documents).toEqual(server.documents)
    expect(titles(server.documents)).toEqual(['harbour', 'quay'])
  })
})
