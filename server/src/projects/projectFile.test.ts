import { unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import type { Documents, Operation, StoredRecord } from '@nolvex/core/document/types'
import { startTestServer, type TestServer } from '../testing/testServer'

let server: TestServer
let project: string

beforeAll(async () => {
  server = await startTestServer('projectfiles')
})
beforeEach(async () => {
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Ferries & isles' })).body.id
})
afterAll(() => server.close())

interface Head {
  revision: number
  documents: Documents
}
const documentsOf = async (id: string) =>
  (await server.ask<Head>('GET', `/projects/${id}/documents`)).body.documents
const fileOf = async (id: string) =>
  new Uint8Array(await (await fetch(`${server.address}/api/projects/${id}/file`)).arrayBuffer())
const openFile = async (bytes: Uint8Array) => {
  const response = await fetch(`${server.address}/api/projects/open`, {
    method: 'POST',
    headers: { 'content-type': 'application/zip' },
    body: bytes as BodyInit,
  })
  return {
    status: response.status,
    body: (await response.json()) as { id: string; name: string; error: string },
  }
}
const projectCount = async () =>
  (await server.ask<{ projects: object[] }>('GET', '/projects')).body.projects.length

const PAGE = 'home000000000000'
const put = (collection: string, record: StoredRecord): Operation => ({
  type: 'put',
  collection,
  id: record.id,
  record,
})

/** A page with a picture on it. @returns the picture's bytes and id */
async function drawPage() {
  const png = await sharp({ create: { width: 30, height: 20, channels: 3, background: 'teal' } })
    .png()
    .toBuffer()
  const added = await fetch(`${server.address}/api/projects/${project}/assets?name=sea.png`, {
    method: 'POST',
    body: new Uint8Array(png),
  })
  const { id: asset } = (await added.json()) as { id: string }
  const parts = [
    {
      document: 'site',
      kind: 'site',
      operations: [put('pages', { id: PAGE, order: 'a0', title: 'Orrel, “the isle” <1>' })],
    },
    {
      document: PAGE,
      kind: 'drawing',
      operations: [
        put('blocks', { id: 'section000000000', order: 'a0', kind: 'section' }),
        put('blocks', {
          id: 'picture000000000',
          order: 'a0',
          kind: 'picture',
          parent: 'section000000000',
          picture: { asset, width: 30, height: 20, alt: 'The sea' },
        }),
      ],
    },
  ]
  const change = { id: `c${project.slice(1)}`, client: 'clientofthetest0', base: 1, label: 'Draw', parts }
  const answer = await server.ask<{ outcomes: object[] }>('POST', `/projects/${project}/changes`, change)
  expect(answer.body.outcomes).toEqual([])
  return { asset, png }
}

test('a project file opened again is the same project, pictures and all, under an id of its own', async () => {
  const { asset, png } = await drawPage()
  const opened = await openFile(await fileOf(project))
  expect(opened).toMatchObject({ status: 201, body: { name: 'Ferries & isles' } })
  expect(opened.body.id).not.toBe(project)
  expect(await documentsOf(opened.body.id)).toEqual(await documentsOf(project))
  const picture = await fetch(`${server.address}/api/projects/${opened.body.id}/assets/${asset}`)
  expect(Buffer.from(await picture.arrayBuffer()).equals(png)).toBe(true)
  // And once more, from the copy.
  expect(unzipSync(await fileOf(opened.body.id))).toEqual(unzipSync(await fileOf(project)))
})

test('what is changed in the copy leaves the original alone, and deleting one keeps the other’s pictures', async () => {
  const { asset, png } = await drawPage()
  const { id } = (await openFile(await fileOf(project))).body
  const before = await documentsOf(project)
  const rename: Operation = { type: 'set', collection: 'pages', id: PAGE, path: ['title'], value: 'Tansay' }
  await server.ask('POST', `/projects/${id}/changes`, {
    id: 'renamedinthecopy',
    client: 'clientofthetest0',
    base: 1,
    label: 'Rename',
    parts: [{ document: 'site', kind: 'site', operations: [rename] }],
  })
  expect((await documentsOf(id)).site.records.pages[PAGE].title).toBe('Tansay')
  expect(await documentsOf(project)).toEqual(before)
  expect((await server.ask('DELETE', `/projects/${project}`)).status).toBe(204)
  const picture = await fetch(`${server.address}/api/projects/${id}/assets/${asset}`)
  expect(Buffer.from(await picture.arrayBuffer()).equals(png)).toBe(true)
})

test('a large picture comes scaled where it is only looked at, and whole everywhere else', async () => {
  const large = await sharp({ create: { width: 4000, height: 3000, channels: 3, background: '#b4472a' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer()
  const added = await fetch(`${server.address}/api/projects/${project}/assets?name=boat.jpg`, {
    method: 'POST',
    body: new Uint8Array(large),
  })
  const { id, width } = (await added.json()) as { id: string; width: number }
  expect(width).toBe(3000)
  const sent = async (query = '') => {
    const answer = await fetch(`${server.address}/api/projects/${project}/assets/${id}${query}`)
    const bytes = Buffer.from(await answer.arrayBuffer())
    return { type: answer.headers.get('content-type'), bytes }
  }
  const [scaled, again] = await Promise.all([sent('?most=1920'), sent('?most=1920')])
  expect(scaled.type).toBe('image/webp')
  expect(await sharp(scaled.bytes).metadata()).toMatchObject({ format: 'webp', width: 1920, height: 2560 })
  const [red, green, blue] = await sharp(scaled.bytes).resize(1, 1).raw().toBuffer()
  for (const [found, meant] of [
    [red, 0xb4],
    [green, 0x47],
    [blue, 0x2a],
  ])
    expect(Math.abs(found - meant)).toBeLessThan(4)
  expect(again.bytes.equals(scaled.bytes)).toBe(true)
  // Smaller than asked for, or asked for otherwise: as it was added.
  for (const query of ['', '?most=3840', '?most=123', '?most=1920x']) {
    const whole = await sent(query)
    expect([whole.type, whole.bytes.equals(large)]).toEqual(['image/jpeg', true])
  }
})

test('a picture is taken out once nothing shows it, and its bytes with it', async () => {
  const { asset } = await drawPage()
  const path = `/projects/${project}/assets/${asset}`
  const version = await server.ask<{ id: string }>('POST', `/projects/${project}/versions`, { name: 'First' })
  const used = await server.ask('DELETE', path)
  expect([used.status, used.body.error]).toEqual([409, expect.stringContaining('“First” shows it')])
  await server.ask('DELETE', `/projects/${project}/versions/${version.body.id}`)
  expect((await server.ask('DELETE', path)).body.error).toContain('is used on Orrel')

  const operations: Operation[] = [{ type: 'remove', collection: 'blocks', id: 'picture000000000' }]
  const parts = [{ document: PAGE, kind: 'drawing', operations }]
  await server.ask('POST', `/projects/${project}/changes`, {
    id: `d${project.slice(1)}`,
    client: 'clientofthetest0',
    base: 2,
    label: 'Take off',
    parts,
  })
  const listed = async () =>
    (await server.ask<{ assets: { bytes: number }[] }>('GET', `/projects/${project}/assets`)).body.assets
  expect((await listed())[0].bytes).toBeGreaterThan(0)
  expect((await server.ask('DELETE', path)).status).toBe(204)
  expect(await listed()).toEqual([])
  expect((await fetch(`${server.address}/api${path}`)).status).toBe(404)
})

test('a picture is had through its own project only', async () => {
  const { asset } = await drawPage()
  const other = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Other' })).body.id
  expect((await fetch(`${server.address}/api/projects/${other}/assets/${asset}`)).status).toBe(404)
  const own = await fetch(`${server.address}/api/projects/${project}/assets/${asset}`)
  expect(own.headers.get('x-content-type-options')).toBe('nosniff')
  expect(own.headers.get('content-security-policy')).toContain('sandbox')
})

describe('a file that is no whole project', () => {
  const changed = async (change: (entries: Record<string, Uint8Array>) => void) => {
    const entries = unzipSync(await fileOf(project))
    change(entries)
    return zipSync(entries)
  }
  const cases: [string, () => Promise<Uint8Array>, RegExp][] = [
    ['cut in half', async () => (await fileOf(project)).slice(0, 900), /cut off/],
    ['empty', async () => new Uint8Array(), /cut off|no zip/],
    ['no zip at all', async () => new TextEncoder().encode('a letter'), /no zip/],
    ['a zip of something else', async () => zipSync({ 'readme.txt': new Uint8Array([65]) }), /project\.json/],
    [
      'with a document that is no JSON',
      () =>
        changed((entries) => {
          const name = Object.keys(entries).find((one) => one.includes('site')) as string
          entries[name] = new TextEncoder().encode('{')
        }),
      /site/,
    ],
    [
      'with a picture gone',
      async () => {
        await drawPage()
        return changed((entries) => {
          const name = Object.keys(entries).find((one) => !one.endsWith('.json')) as string
          delete entries[name]
        })
      },
      /lacks assets/,
    ],
    [
      'of a later Nolvex',
      () =>
        changed((entries) => {
          const name = Object.keys(entries).find((one) => one.includes('site')) as string
          const site = JSON.parse(new TextDecoder().decode(entries[name])) as { schema: number }
          entries[name] = new TextEncoder().encode(JSON.stringify({ ...site, schema: 999 }))
        }),
      /newer Nolvex.*Update/,
    ],
    [
      'of an earlier schema than its records are of',
      () =>
        changed((entries) => {
          const name = Object.keys(entries).find((one) => one.includes('site')) as string
          entries[name] = new TextEncoder().encode(
            JSON.stringify({
              kind: 'site',
              id: 'site',
              schema: 1,
              records: { pages: { [PAGE]: { id: PAGE } } },
            }),
          )
        }),
      /site/,
    ],
  ]
  test.each(cases)('%s is refused in words, and nothing is made of it', async (_what, file, words) => {
    const bytes = await file()
    const count = await projectCount()
    const { status, body } = await openFile(bytes)
    expect(status).toBe(422)
    expect(body.error).toMatch(words)
    expect(await projectCount()).toBe(count)
  })
})
