import { Resvg } from '@resvg/resvg-js'
import { unzipSync } from 'fflate'
import { startTestServer, type TestServer } from '../testing/testServer'
import { inDatabase } from '../testing/testDatabase'
import { MOST_PNG_PIXELS, svgToPng } from './svgToPng'

let server: TestServer

beforeAll(async () => {
  server = await startTestServer('jobs')
})
afterAll(() => server.close())

interface Job {
  id: string
  state: string
  error?: string
}
const MAP = { format: 'map', file: 'svg', paper: 'A4', date: '2026-05-31' }
const newProject = async (name: string) =>
  (await server.ask<{ id: string }>('POST', '/projects', { name })).body.id
const begin = (project: string, input: object = MAP) =>
  server.ask<Job>('POST', `/projects/${project}/exports`, input)
const stateOf = async (project: string, job: string) =>
  (await server.ask<Job>('GET', `/projects/${project}/exports/${job}`)).body
async function ended(project: string, job: string): Promise<Job> {
  for (let turn = 0; turn < 400; turn++) {
    const now = await stateOf(project, job)
    if (now.state !== 'waiting' && now.state !== 'running') return now
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  throw new Error('the export did not end')
}

test('an export is rendered by a child process and sent part by part', async () => {
  const project = await newProject('Map')
  const { body } = await begin(project)
  expect(await ended(project, body.id)).toMatchObject({ state: 'done' })
  const file = await fetch(`${server.address}/api/projects/${project}/exports/${body.id}/file`, {
    headers: { 'accept-encoding': 'identity' },
  })
  expect(file.headers.get('content-disposition')).toContain('map-map-a4.svg')
  const bytes = new Uint8Array(await file.arrayBuffer())
  expect(Number(file.headers.get('content-length'))).toBe(bytes.length)
  expect(new Resvg(Buffer.from(bytes).toString()).width).toBeGreaterThan(100)
})

test('an export that cannot be says why in words, and not how the program is made', async () => {
  const project = await newProject('Nothing')
  const page = { format: 'png', page: 'nosuchpage000000' }
  expect(await ended(project, (await begin(project, page)).body.id)).toMatchObject({
    state: 'failed',
    error: 'This page no longer exists.',
  })
  // What nobody foresaw: documents that cannot be read.
  const other = await newProject('Unreadable')
  await inDatabase(server.databaseUrl, `update snapshots set body = 'no zip' where project_id = '${other}'`)
  const { state, error } = await ended(other, (await begin(other)).body.id)
  expect([state, error]).toEqual(['failed', 'This export failed for a reason nobody foresaw.'])
})

test('no project has more than 20 waiting, and one that has many does not keep others waiting', async () => {
  const [greedy, modest] = [await newProject('Greedy'), await newProject('Modest')]
  const asked = await Promise.all(Array.from({ length: 20 }, () => begin(greedy)))
  expect(asked.every(({ status }) => status === 202)).toBe(true)
  const tooMany = await begin(greedy)
  expect(tooMany).toMatchObject({ status: 429, body: { error: expect.stringContaining('wait already') } })
  const { body } = await begin(modest)
  expect((await ended(modest, body.id)).state).toBe('done')
  const states = await Promise.all(asked.map(({ body: { id } }) => stateOf(greedy, id)))
  const waiting = states.filter(({ state }) => state === 'waiting')
  expect(waiting.length).toBeGreaterThan(5)
  expect(states.filter(({ state }) => state === 'running').length).toBeLessThanOrEqual(2)
  for (const { id } of waiting) await server.ask('DELETE', `/projects/${greedy}/exports/${id}`)
  expect((await stateOf(greedy, waiting[0].id)).state).toBe('cancelled')
  for (const { body: one } of asked) await ended(greedy, one.id)
})

test('a job whose server died is taken up again, and given up after three tries', async () => {
  const project = await newProject('Died')
  const insert = (id: string, attempts: number) =>
    inDatabase(
      server.databaseUrl,
      `insert into jobs (id, project_id, input, state, attempts, leased_until)
       values ('${id}', '${project}', '${JSON.stringify(MAP).replace('}', ',"direction":"down","connectors":"stepped","sections":true,"menus":true}')}', 'running', ${attempts}, now() - interval '1 second')`,
    )
  await insert('jobonce000000000', 1)
  await insert('jobthrice0000000', 3)
  expect((await ended(project, 'jobonce000000000')).state).toBe('done')
  expect(await ended(project, 'jobthrice0000000')).toMatchObject({
    state: 'failed',
    error: expect.stringContaining('ended its server each time'),
  })
})

test('a job cancelled on another server is ended by the one that runs it', async () => {
  const project = await newProject('Cancelled')
  const { body } = await begin(project)
  // What any server writes that is asked to cancel, whichever has taken the job up.
  await inDatabase(server.databaseUrl, `update jobs set state = 'cancelled' where id = '${body.id}'`)
  expect((await ended(project, body.id)).state).toBe('cancelled')
  await new Promise((resolve) => setTimeout(resolve, 1500))
  expect((await stateOf(project, body.id)).state).toBe('cancelled')
  const file = await fetch(`${server.address}/api/projects/${project}/exports/${body.id}/file`)
  expect(file.ok).toBe(false)
  const next = await begin(project)
  expect((await ended(project, next.body.id)).state).toBe('done')
})

test('a PNG is as large as its scale makes it both ways, and no larger than there is room for', () => {
  const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="30" height="20"/>'
  const png = Buffer.from(svgToPng(svg, { width: 30, height: 20 }, 2))
  expect([png.readUInt32BE(16), png.readUInt32BE(20)]).toEqual([60, 40])
  const height = Math.floor(MOST_PNG_PIXELS / 4 / 4000) + 1
  expect(() => svgToPng(svg, { width: 4000, height }, 2)).toThrow(/80 megapixels.*|Take it at 1x/)
  expect(() => svgToPng(svg, { width: 4000, height: height * 4 }, 1)).toThrow('Take it as SVG')
})

test('a project and its sitemap are written by child processes too', async () => {
  const project = await newProject('Away')
  const file = await fetch(`${server.address}/api/projects/${project}/file`)
  expect(Object.keys(unzipSync(new Uint8Array(await file.arrayBuffer()))).sort()).toEqual([
    'documents/site.json',
    'documents/style.json',
    'project.json',
  ])
})
