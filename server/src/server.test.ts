import { WebSocket } from 'ws'
import sharp from 'sharp'
import type { Operation } from '@nolvex/core/document/types'
import { inDatabase } from './testing/testDatabase'
import { startTestServer, type TestServer } from './testing/testServer'

let server: TestServer
let project: string
const ask: TestServer['ask'] = (...asked) => server.ask(...asked)

beforeAll(async () => {
  server = await startTestServer('whole')
})
beforeEach(async () => {
  project = (await ask<{ id: string }>('POST', '/projects', { name: 'Tried' })).body.id
})
afterAll(() => server.close())

let count = 0
const newId = (letter: string) => `${letter}${String(count++).padStart(15, '0')}`
const putPage = (title: string): Operation => {
  const id = newId('p')
  return { type: 'put', collection: 'pages', id, record: { id, order: `a${id}`, title } }
}
const commit = (operations: Operation[], more: object = {}) =>
  ask<{ revision: number; outcomes: object[]; error: string }>('POST', `/projects/${project}/changes`, {
    id: newId('c'),
    client: 'clientofthetest0',
    base: 1,
    label: 'Change',
    parts: [{ document: 'site', kind: 'site', operations }],
    ...more,
  })
interface Head {
  revision: number
  documents: { site: { records: { pages: Record<string, { title: string }> } } }
}
const titles = async (path = `/projects/${project}/documents`) =>
  Object.values((await ask<Head>('GET', path)).body.documents.site.records.pages).map(({ title }) => title)

test('a project is begun, renamed, and gone once deleted', async () => {
  expect((await ask('PATCH', `/projects/${project}`, { name: ' Renamed ' })).body).toMatchObject({
    name: 'Renamed',
  })
  expect((await ask('PATCH', `/projects/${project}`, { name: ' ' })).status).toBe(422)
  expect((await ask('DELETE', `/projects/${project}`)).status).toBe(204)
  expect(await ask('GET', `/projects/${project}/documents`)).toMatchObject({ status: 404 })
})

test('a project may be begun with some stages only', async () => {
  const profile = ['map', 'style']
  const { id } = (await ask<{ id: string }>('POST', '/projects', { name: 'Small job', profile })).body
  expect((await ask('GET', `/projects/${id}/overview`)).body).toMatchObject({ profile, pages: 0 })
  expect((await ask('GET', `/projects/${project}/overview`)).body).not.toHaveProperty('profile')
  expect((await ask('POST', '/projects', { name: 'Wrong', profile: 'map' })).status).toBe(422)
})

test('a copy of a project has all it holds, and each goes its own way', async () => {
  const png = await sharp({ create: { width: 3, height: 2, channels: 3, background: 'teal' } })
    .png()
    .toBuffer()
  await fetch(`${server.address}/api/projects/${project}/assets?name=sea.png`, {
    method: 'POST',
    body: new Uint8Array(png),
  })
  await commit([putPage('Home')])
  const copy = (await ask<{ id: string; name: string }>('POST', `/projects/${project}/copies`)).body
  expect(copy.name).toBe('Copy of Tried')
  await commit([putPage('Fares')])
  expect(await titles(`/projects/${copy.id}/documents`)).toEqual(['Home'])
  expect(await titles()).toEqual(['Home', 'Fares'])
  const assetsOf = async (id: string) =>
    (await ask<{ assets: { id: string }[] }>('GET', `/projects/${id}/assets`)).body.assets
  const [asset] = await assetsOf(copy.id)
  await ask('DELETE', `/projects/${project}`)
  const picture = await fetch(`${server.address}/api/projects/${copy.id}/assets/${asset.id}`)
  expect(Buffer.from(await picture.arrayBuffer())).toEqual(png)
  expect((await ask('POST', `/projects/${project}/copies`)).status).toBe(404)
})

test('changes are logged once each, and a stale one is carried to the head', async () => {
  const change = { id: newId('c') }
  const operations = [putPage('Home')]
  const first = await commit(operations, change)
  expect(first.body.revision).toBe(2)
  expect((await commit(operations, change)).body.revision).toBe(2)
  expect((await commit([putPage('Fares')])).body.revision).toBe(3)
  expect(await titles()).toEqual(['Home', 'Fares'])
  const since = await ask<{ changes: { label: string }[] }>('GET', `/projects/${project}/changes?since=2`)
  expect(since.body.changes).toHaveLength(1)
})

test.each([
  ['no JSON object', []],
  ['an unknown operation', { operations: [{ type: 'drop', collection: 'pages', id: 'x' }] }],
  [
    'a path into the prototype',
    {
      operations: [
        { type: 'set', collection: 'pages', id: 'p000000000000000', path: ['__proto__', 'x'], value: 1 },
      ],
    },
  ],
])('%s is refused with a reason, and nothing changes', async (_what, part) => {
  const parts = Array.isArray(part) ? part : [{ document: 'site', kind: 'site', ...part }]
  const answer = await commit([], { parts })
  expect(answer.status).toBeGreaterThanOrEqual(400)
  expect(answer.body.error).toEqual(expect.any(String))
  expect(await titles()).toEqual([])
})

test('a change against a revision that does not exist yet is refused', async () => {
  expect(await commit([putPage('Home')], { base: 99 })).toMatchObject({ status: 409 })
})

test('a version keeps the project as it was; a gate names who approved, unverified', async () => {
  const versions = `/projects/${project}/versions`
  await commit([putPage('Home')])
  const kept = await ask<{ id: string; revision: number }>('POST', versions, {
    name: 'First proposal',
    note: 'as sent',
  })
  expect(kept).toMatchObject({ status: 201, body: { revision: 2, name: 'First proposal', note: 'as sent' } })
  await commit([putPage('Later')])
  expect(await titles(`${versions}/${kept.body.id}/documents`)).toEqual(['Home'])
  expect(await titles()).toEqual(['Home', 'Later'])

  expect((await ask('POST', `${versions}/${kept.body.id}/approvals`, { by: 'Ann' })).status).toBe(409)
  const gate = await ask<{ id: string }>('POST', versions, {
    name: 'Map',
    gate: { stage: 'map', by: ['Ann Other'] },
  })
  const approved = await ask('POST', `${versions}/${gate.body.id}/approvals`, { by: 'Ben Other' })
  expect(approved.body).toMatchObject({
    stage: 'map',
    approvals: [
      { name: 'Ann Other', verified: false },
      { name: 'Ben Other', verified: false },
    ],
  })
  const list = await ask<{ versions: { name: string }[] }>('GET', versions)
  expect(list.body.versions.map(({ name }) => name)).toEqual(['Map', 'First proposal'])
  expect((await ask('DELETE', `${versions}/${kept.body.id}`)).status).toBe(204)
  expect((await ask('GET', `${versions}/${kept.body.id}/documents`)).status).toBe(404)
})

test('a gate without a name, and a version of another project, are refused', async () => {
  const versions = `/projects/${project}/versions`
  expect((await ask('POST', versions, { name: 'Map', gate: { stage: 'map', by: [' '] } })).status).toBe(422)
  const kept = await ask<{ id: string }>('POST', versions, { name: 'Mine' })
  const other = (await ask<{ id: string }>('POST', '/projects', { name: 'Other' })).body.id
  expect((await ask('GET', `/projects/${other}/versions/${kept.body.id}/documents`)).status).toBe(404)
})

test('another window hears of a change at once', async () => {
  const address = server.address.replace('http', 'ws')
  const socket = new WebSocket(`${address}/api/stream?project=${project}&since=1`, { origin: server.address })
  const heard = new Promise<string>((resolve, reject) => {
    socket.once('message', (data) => resolve(String(data)))
    socket.once('error', reject)
  })
  await new Promise((resolve) => socket.once('open', resolve))
  await commit([putPage('Home')], { label: 'Add Home' })
  expect(await heard).toContain('Add Home')
  socket.close()
})

test('a stream asked for from elsewhere is refused', async () => {
  const address = server.address.replace('http', 'ws')
  const socket = new WebSocket(`${address}/api/stream?project=${project}&since=1`, {
    origin: 'http://evil.example',
  })
  await expect(
    new Promise((resolve, reject) => socket.once('open', resolve).once('error', reject)),
  ).rejects.toThrow()
})

test('pictures are kept by their content; files only where a file is meant', async () => {
  const upload = (bytes: BodyInit, query: string) =>
    fetch(`${server.address}/api/projects/${project}/assets?${query}`, { method: 'POST', body: bytes })
  const png = await sharp({ create: { width: 4, height: 3, channels: 3, background: 'teal' } })
    .png()
    .toBuffer()
  expect(await (await upload(new Uint8Array(png), 'name=sea.txt')).json()).toMatchObject({
    type: 'image/png',
    width: 4,
    height: 3,
  })
  expect((await upload('%PDF-1.7 words', 'name=brief.pdf')).status).toBe(422)
  expect(await (await upload('%PDF-1.7 words', 'name=brief.pdf&as=file')).json()).toMatchObject({
    type: 'application/pdf',
  })
  expect((await upload('', 'name=empty&as=file')).status).toBe(422)
})

test('a picture whose bytes fail on their way breaks off that answer only', async () => {
  const noise = {
    width: 900,
    height: 900,
    channels: 3 as const,
    noise: { type: 'gaussian' as const, mean: 128, sigma: 40 },
  }
  const png = await sharp({ create: { ...noise, background: 'teal' } })
    .png({ compressionLevel: 0 })
    .toBuffer()
  expect(png.length).toBeGreaterThan(2 * 1024 * 1024)
  const path = `${server.address}/api/projects/${project}/assets`
  const added = await fetch(`${path}?name=sea.png`, { method: 'POST', body: new Uint8Array(png) })
  const { id } = (await added.json()) as { id: string }
  // As many bytes as there should be, so that it shows only while they are sent.
  await inDatabase(server.databaseUrl, 'update blob_chunks set position = 99 where position = 1')
  const broken = await fetch(`${path}/${id}`)
  await expect(broken.arrayBuffer()).rejects.toThrow()
  await inDatabase(server.databaseUrl, 'delete from blob_chunks where position = 99')
  const told = await fetch(`${path}/${id}`)
  expect([told.status, await told.text()]).toEqual([
    410,
    expect.stringContaining('“sea.png” is stored incompletely'),
  ])
  expect(told.headers.get('cache-control')).toBe('no-store')
  const again = await fetch(`${path}?name=sea.png`, { method: 'POST', body: new Uint8Array(png) })
  expect(again.status).toBe(201)
  expect(Buffer.from(await (await fetch(`${path}/${id}`)).arrayBuffer()).equals(png)).toBe(true)
})

test('the content service lists what it has and says so when asked for more', async () => {
  const { body } = await ask<{ lists: { name: string }[] }>('GET', '/service')
  expect(body.lists.map(({ name }) => name)).toEqual(['isles', 'sailings', 'notices'])
  const sailings = await ask<{ records: { leaves: string; arrives: string }[] }>('GET', '/service/sailings')
  for (const { leaves, arrives } of sailings.body.records) expect(leaves < arrives).toBe(true)
  expect((await ask('GET', '/service/__proto__')).status).toBe(404)
})

test('the analytics service counts viewports over as many days as asked', async () => {
  interface Counts {
    days: number
    sizes: { width: number; height: number; visits: number }[]
  }
  const visits = async (path: string) => {
    const { body } = await ask<Counts>('GET', path)
    return body.sizes.reduce((sum, one) => sum + one.visits, 0)
  }
  const month = await visits('/analytics/viewports')
  expect(month).toBeGreaterThan(10_000)
  expect(await visits('/analytics/viewports?days=56')).toBeCloseTo(2 * month, -2)
  expect((await ask('GET', '/analytics/viewports?days=never')).status).toBe(422)
})

test('sitemap.xml stands for the pages in the tree', async () => {
  await commit([putPage('Home'), putPage('Fares & passes')])
  const response = await fetch(`${server.address}/api/projects/${project}/sitemap.xml`)
  expect(response.headers.get('content-disposition')).toContain('tried-sitemap.xml')
  expect(await response.text()).toContain('<loc>https://www.example.com/fares-passes</loc>')
})
