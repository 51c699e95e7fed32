import { WebSocket } from 'ws'
import type { Presence } from '@nolvex/core/document/presence'
import type { LoggedChange, Operation } from '@nolvex/core/document/types'
import { inDatabase } from '../testing/testDatabase'
import { startTestServer, type TestServer } from '../testing/testServer'

let server: TestServer
let project: string
let count = 0

beforeAll(async () => {
  server = await startTestServer('streams')
})
beforeEach(async () => {
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Heard' })).body.id
})
afterAll(() => server.close())

const newId = (letter: string) => `${letter}${String(count++).padStart(15, '0')}`
const commit = (base: number) => {
  const id = newId('p')
  const operations: Operation[] = [
    { type: 'put', collection: 'pages', id, record: { id, order: 'a0', title: id } },
  ]
  return server.ask('POST', `/projects/${project}/changes`, {
    id: newId('c'),
    client: 'clientofthetest0',
    base,
    label: 'Add page',
    parts: [{ document: 'site', kind: 'site', operations }],
  })
}

interface Heard {
  changes?: LoggedChange[]
  presence?: Presence
}

/** A tab that listens from a revision on. */
async function listen(since: number) {
  const address = server.address.replace('http', 'ws')
  const socket = new WebSocket(`${address}/api/stream?project=${project}&since=${since}`, {
    origin: server.address,
  })
  const heard: number[] = []
  const others: Presence[] = []
  let ended: number | undefined
  socket.on('message', (data) => {
    const { changes = [], presence } = JSON.parse(String(data)) as Heard
    heard.push(...changes.map(({ revision }) => revision))
    if (presence) others.push(presence)
  })
  socket.on('close', (code) => (ended = code))
  await new Promise((resolve, reject) => socket.once('open', resolve).once('error', reject))
  const until = async (isSo: () => boolean) => {
    for (let turn = 0; turn < 200 && !isSo(); turn++) await new Promise((resolve) => setTimeout(resolve, 50))
    expect(isSo()).toBe(true)
  }
  return { socket, heard, others, until, code: () => ended }
}

test('a tab that was away is told what it missed, in order and once', async () => {
  for (let base = 1; base < 6; base++) await commit(base)
  const tab = await listen(3)
  await tab.until(() => tab.heard.length === 3)
  await commit(6)
  await tab.until(() => tab.heard.includes(7))
  expect(tab.heard).toEqual([4, 5, 6, 7])
  tab.socket.close()
})

test('changes that come thick and fast reach every tab, each once', async () => {
  const tabs = [await listen(1), await listen(1), await listen(1)]
  await Promise.all(Array.from({ length: 30 }, () => commit(1)))
  for (const tab of tabs) {
    await tab.until(() => tab.heard.length >= 30)
    expect(tab.heard).toEqual(Array.from({ length: 30 }, (_, index) => index + 2))
    tab.socket.close()
  }
})

test('one project hears nothing of another', async () => {
  const tab = await listen(1)
  const own = project
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Other' })).body.id
  await commit(1)
  project = own
  await commit(1)
  await tab.until(() => tab.heard.length > 0)
  expect(tab.heard).toEqual([2])
  tab.socket.close()
})

test('when the database cuts its connections, tabs hear on once it is back', async () => {
  const tab = await listen(1)
  const others = `select pg_terminate_backend(pid) from pg_stat_activity where datname = 'streams' and pid <> pg_backend_pid()`
  await inDatabase(server.databaseUrl, others)
  let status = 0
  for (let turn = 0; turn < 40 && status !== 200; turn++) status = (await commit(1)).status
  expect(status).toBe(200)
  await tab.until(() => tab.heard.length > 0)
  expect(tab.heard[0]).toBe(2)
  tab.socket.close()
})

test('a tab farther behind than the log reaches is cut off, and told so by the code', async () => {
  for (let base = 1; base < 5; base++) await commit(base)
  await inDatabase(
    server.databaseUrl,
    `delete from changes where project_id = '${project}' and revision <= 3`,
  )
  const tab = await listen(1)
  await tab.until(() => tab.code() !== undefined)
  expect(tab.code()).toBe(4001)
  const { status, body } = await server.ask('GET', `/projects/${project}/changes?since=1`)
  expect([status, body.error]).toEqual([410, expect.stringMatching(/no longer reaches back/)])
  expect((await server.ask('GET', `/projects/${project}/changes?since=3`)).status).toBe(200)
})

test('a tab that says where it is is heard by the others of its project, and by nobody when it is gone', async () => {
  const [one, two] = [await listen(1), await listen(1)]
  const own = project
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Apart' })).body.id
  const apart = await listen(1)
  project = own
  // The first may come before the server itself listens.
  const where = { document: 'pagehome00000000', selected: ['headline00000000'] }
  const say = () => one.socket.send(JSON.stringify({ where }))
  say()
  await two.until(() => {
    if (two.others.length === 0) say()
    return two.others.length > 0
  })
  expect(two.others[0].where).toEqual(where)
  one.socket.send('{"where":{"document":"__proto__"}}')
  one.socket.send('nothing')
  one.socket.close()
  await two.until(() => two.others.at(-1)?.where === null)
  expect([one.others, apart.others]).toEqual([[], []])
  two.socket.close()
  apart.socket.close()
})
