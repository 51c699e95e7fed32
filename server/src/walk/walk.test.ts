import { emptyContent } from '@nolvex/core/content/content'
import { draftPages } from '@nolvex/core/draft/draftPages'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { usualSite } from '@nolvex/core/site/usualSite'
import { startTestServer, type TestServer } from '../testing/testServer'

let server: TestServer
let project: string
let revision = 0
const home = { id: 'pagehome00000000', order: 'a0', title: 'Home' }
const bread = { id: 'pagebread0000000', order: 'a0', title: 'Bread', parent: home.id }

beforeAll(async () => {
  server = await startTestServer('walk')
  project = (await server.ask<{ id: string }>('POST', '/projects', { name: 'Larder' })).body.id
})
afterAll(() => server.close())

async function commit(parts: object[]) {
  const id = `change${String(++revision).padStart(10, '0')}`
  const change = { id, client: 'client0000000000', base: 0, label: 'Change', parts }
  const { body } = await server.ask<{ outcomes: object[] }>('POST', `/projects/${project}/changes`, change)
  expect(body.outcomes).toEqual([])
}
const get = (path: string) => fetch(`${server.address}/api/projects/${project}/walk/${path}`)

test('before anything is drawn the answer says what to do', async () => {
  await commit([
    {
      document: 'site',
      kind: 'site',
      operations: [home, bread].map((record) => ({
        type: 'put',
        collection: 'pages',
        id: record.id,
        record,
      })),
    },
  ])
  const answer = await get('index.html')
  expect(answer.status).toBe(422)
  expect(((await answer.json()) as { error: string }).error).toContain('Draft them from the map')
})

test('drawn pages are played as HTML in a sandbox, and a change is there at once', async () => {
  let count = 0
  const newId = () => `made${String(count++).padStart(12, '0')}`
  const pages = { [home.id]: home, [bread.id]: bread }
  const site = { ...usualSite, records: { ...usualSite.records, pages } }
  const making = draftPages({ site, content: emptyContent, style: plainStyle, name: 'Larder' }, [home], newId)
  let step = making.next()
  while (!step.done) step = making.next()
  await commit(step.value)
  const page = await get('index.html')
  expect(page.headers.get('content-type')).toContain('text/html')
  expect(page.headers.get('content-security-policy')).toContain('sandbox allow-scripts;')
  expect(page.headers.get('content-security-policy')).not.toContain('allow-same-origin')
  expect(await page.text()).toContain('>Larder</h1>')
  const sheet = await get('styles.css')
  expect(sheet.headers.get('content-type')).toContain('text/css')
  expect(sheet.headers.get('access-control-allow-origin')).toBe('*')
  await commit([
    {
      document: home.id,
      kind: 'drawing',
      operations: step.value
        .filter(({ document }) => document === home.id)
        .flatMap(({ operations }) => operations)
        .filter((one) => one.type === 'put' && (one.record as { tag?: string }).tag === 'h1')
        .map(({ id }) => ({
          type: 'set',
          collection: 'blocks',
          id,
          path: ['text'],
          value: [{ insert: 'Pantry' }],
        })),
    },
  ])
  expect(await (await get('index.html')).text()).toContain('>Pantry</h1>')
})

test('what is not among the files is not found, wherever it leads', async () => {
  for (const path of [
    'bread/index.html',
    '..%2f..%2fhealth',
    '%2e%2e/%2e%2e/documents',
    'constructor',
    'styles.css/x',
  ])
    expect([path, (await get(path)).status]).toEqual([path, 404])
})
