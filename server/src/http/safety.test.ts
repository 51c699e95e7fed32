import type { IncomingMessage } from 'node:http'
import { connect } from 'node:net'
import pg from 'pg'
import { WebSocket } from 'ws'
import { startTestServer, type TestServer } from '../testing/testServer'
import { isUnavailable, problemOf } from './answerProblem'
import { serializers } from './logSafely'

let server: TestServer
let project: string

beforeAll(async () => {
  server = await startTestServer('safety')
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Safe' })).body.id
})
afterAll(() => server.close())

const database = (code: string, message = '') => ({
  name: 'SequelizeDatabaseError',
  original: { code, message },
})

// SQLSTATE classes as PostgreSQL’s manual lists them, appendix A.
test.each([
  [{ name: 'SequelizeConnectionRefusedError' }, 503],
  [{ name: 'SequelizeConnectionAcquireTimeoutError' }, 503],
  [{ name: 'SequelizeHostNotFoundError' }, 503],
  [database('57P01'), 503],
  [database('53300'), 503],
  [database('40P01'), 503],
  [{ name: 'SequelizeDatabaseError', original: { message: 'Connection terminated unexpectedly' } }, 503],
  [database('22021'), 422],
  [database('22P05'), 422],
  [database('22003'), 422],
  [database('42P01'), 500],
  [database('23505'), 500],
  [{ type: 'encoding.unsupported', status: 415 }, 415],
  [new TypeError('undefined is not a function'), 500],
  [undefined, 500],
])('%j is answered %d', (error, status) => {
  expect(problemOf(error).status).toBe(status)
  expect(isUnavailable(error)).toBe(status === 503)
})

test('the log says what went wrong and where, and no word of a document', () => {
  const error = Object.assign(new Error('value too long: The secret of Orrel'), {
    name: 'SequelizeDatabaseError',
    sql: 'insert … The secret of Orrel',
    parameters: ['The secret of Orrel'],
    original: { code: '22001', message: 'The secret of Orrel', detail: 'The secret of Orrel' },
  })
  const request = {
    method: 'GET',
    url: '/api/x?name=secret',
    headers: { cookie: 'secret' },
  } as IncomingMessage
  const said = JSON.stringify([serializers.err(error), serializers.req(request)])
  expect(said).not.toContain('secret')
  const parsing = serializers.err(
    new SyntaxError('Unexpected token \'D\', "The secret of Orrel" is not valid JSON'),
  )
  expect(JSON.stringify(parsing)).not.toContain('secret')
  expect(said).toContain('22001')
  expect(said).toContain('/api/x')
})

test('answers of the API are kept by nobody; pictures by their reader only', async () => {
  const { headers } = await server.ask('GET', '/projects')
  expect(headers.get('cache-control')).toBe('no-store')
})

const change = (title: unknown, more: object = {}) => {
  const id = 'page000000000001'
  const operations = [{ type: 'put', collection: 'pages', id, record: { id, order: 'a0', title } }]
  return {
    id: 'change0000000001',
    client: 'clientofthetest0',
    base: 1,
    label: 'x',
    parts: [{ document: 'site', kind: 'site', operations }],
    ...more,
  }
}

test.each([
  ['half a character', change('\ud83d'), /parts\.0\.operations\.0\.record\.title holds half a character/],
  ['a NUL', change('a\0'), /NUL/],
  [
    'JSON nested without end',
    { parts: JSON.parse('['.repeat(3000) + ']'.repeat(3000)) as unknown },
    /40 deep/,
  ],
])('a change with %s is refused in words, so that what is behind it gets on', async (_what, body, words) => {
  const answer = await server.ask('POST', `/projects/${project}/changes`, body as object)
  expect(answer.status).toBe(422)
  expect(answer.body.error).toMatch(words)
  expect(
    (
      await server.ask(
        'POST',
        `/projects/${project}/changes`,
        change('fine', { id: `c${String(answer.body.error.length).padStart(15, '0')}` }),
      )
    ).status,
  ).toBe(200)
})

test.each(['%00', '%F0%9F%98%80', 'x', '..%2F..'])('there is no project %s', async (id) => {
  expect((await server.ask('GET', `/projects/${id}/documents`)).status).toBe(404)
})

test('compressed bodies are not unpacked', async () => {
  const send = (path: string) =>
    fetch(`${server.address}/api${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'content-encoding': 'gzip' },
      body: '{}',
    })
  for (const path of [
    '/projects',
    '/projects/open',
    `/projects/${project}/assets`,
    `/projects/${project}/changes`,
  ])
    expect((await send(path)).status).toBe(415)
})

test('who sends without an end hears why it is refused, and is cut off when they do not stop', async () => {
  const { hostname, port, host } = new URL(server.address)
  const socket = connect(Number(port), hostname)
  socket.on('error', () => undefined)
  const closed = new Promise<void>((resolve) => socket.once('close', () => resolve()))
  const heard = new Promise<string>((resolve) => socket.once('data', (bytes) => resolve(String(bytes))))
  socket.write(
    `POST /api/projects/${project}/assets?name=a.png HTTP/1.1\r\nHost: ${host}\r\nTransfer-Encoding: chunked\r\n\r\n`,
  )
  const part = `10000\r\n${'x'.repeat(0x10000)}\r\n`
  const sending = () => {
    while (!socket.destroyed && socket.write(part));
    if (!socket.destroyed) socket.once('drain', sending)
  }
  sending()
  expect(await heard).toMatch(/^HTTP\/1\.1 413 /)
  await closed
})

test('a request that stops coming in is given up, one that waits for its answer is not', async () => {
  const { hostname, port, host } = new URL(server.address)
  const socket = connect(Number(port), hostname)
  const closed = new Promise<void>((resolve) => socket.once('close', () => resolve()))
  socket.on('error', () => undefined)
  socket.write(
    `POST /api/projects HTTP/1.1\r\nHost: ${host}\r\nContent-Type: application/json\r\nContent-Length: 99\r\n\r\n{`,
  )
  await closed
  expect((await fetch(`${server.address}/health`)).status).toBe(200)
})

test.each([
  ['//', 400],
  ['/api/stream?project=nosuchproject000&since=1', 404],
  ['/api/stream?project=x&since=1', 400],
  [`/api/stream?project=%s&since=1e99`, 400],
])('a stream at %s is answered %d, and the server goes on', async (path, status) => {
  const address = server.address.replace('http', 'ws') + path.replace('%s', project)
  const socket = new WebSocket(address, { origin: server.address })
  const answered = new Promise<number>((resolve) => {
    socket.once('unexpected-response', (_request, response) => resolve(response.statusCode as number))
    socket.once('error', () => undefined)
  })
  expect(await answered).toBe(status)
  expect((await fetch(`${server.address}/health`)).status).toBe(200)
})

test('a stream of a project that is deleted ends and says so', async () => {
  const { id } = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Gone' })).body
  const socket = new WebSocket(`${server.address.replace('http', 'ws')}/api/stream?project=${id}&since=1`, {
    origin: server.address,
  })
  const ended = new Promise<number>((resolve) => socket.once('close', resolve))
  await new Promise((resolve) => socket.once('open', resolve))
  await server.ask('DELETE', `/projects/${id}`)
  expect(await ended).toBe(4004)
}, 20_000)

test('the application is no superuser of its database', async () => {
  const client = new pg.Client({ connectionString: server.databaseUrl })
  await client.connect()
  const { rows } = await client.query(
    'select rolsuper, rolcreatedb, rolcreaterole from pg_roles where rolname = current_user',
  )
  await client.end()
  expect(rows).toEqual([{ rolsuper: false, rolcreatedb: false, rolcreaterole: false }])
})
