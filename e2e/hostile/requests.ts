import { ask, DEMO, head, raw, type HostileInput } from './hostileInput'

const get =
  (path: string): HostileInput['send'] =>
  (site) =>
    raw(site, head(site, `GET ${path} HTTP/1.1`, { Connection: 'close' }))

const breaksOff: HostileInput['send'] = async (site) => {
  const sent = await raw(
    site,
    head(site, `POST /api/projects/${DEMO}/assets?name=a.png HTTP/1.1`, { 'Content-Length': '5000000' }) +
      'x'.repeat(1000),
    100,
  )
  return { ...sent, says: 'cut off by the sender' }
}

async function manyExports(site: Parameters<HostileInput['send']>[0]) {
  const body = JSON.stringify({ format: 'map', file: 'pdf', paper: 'A4', date: '2026-05-31' })
  const answers = await Promise.all(
    Array.from({ length: 40 }, () =>
      ask(site, 'POST', `/api/projects/${DEMO}/exports`, body, { 'content-type': 'application/json' }),
    ),
  )
  return answers.find(({ status }) => status !== 202) ?? { status: 202, says: 'all were taken' }
}

export const requests: HostileInput[] = [
  { name: 'a NUL in an address', send: get('/api/projects/%00/documents'), status: [404] },
  { name: 'a percent sign that means nothing', send: get('/api/projects/%ZZ/documents'), status: [400, 404] },
  { name: 'an id that is none', send: get('/api/projects/..%2F..%2Fetc/documents'), status: [404] },
  {
    name: 'a revision beyond all numbers',
    send: get(`/api/projects/${DEMO}/changes?since=99999999999999`),
    status: [200, 422, 410],
  },
  {
    name: 'a revision that is an object',
    send: get(`/api/projects/${DEMO}/changes?since[a]=1&since[__proto__]=2`),
    status: [422],
  },
  { name: 'an address of 15 KB', send: get(`/${'a/'.repeat(7500)}`), status: [200, 404, 414] },
  { name: 'an address of 100 KB', send: get(`/${'a'.repeat(100_000)}`), status: [431, 414, 400] },
  { name: 'an address that is two slashes', send: get('//'), status: [200, 404] },
  {
    name: 'a whole address of another site',
    send: get('http://elsewhere.example/api/projects'),
    status: [200, 400, 404],
  },
  {
    name: 'another site’s name',
    send: (site) =>
      raw(site, head(site, 'GET /api/projects HTTP/1.1', { Host: 'elsewhere.example', Connection: 'close' })),
    status: [403],
  },
  { name: 'no name at all', send: (site) => raw(site, 'GET /api/projects HTTP/1.1\r\n\r\n'), status: [400] },
  {
    name: 'a write from another site’s page',
    send: (site) =>
      ask(site, 'POST', '/api/projects', '{"name":"x"}', {
        'content-type': 'application/json',
        origin: 'http://elsewhere.example',
      }),
    status: [403],
  },
  {
    name: 'a project name that is half a character',
    send: (site) =>
      ask(site, 'POST', '/api/projects', '{"name":"\\ud83d"}', { 'content-type': 'application/json' }),
    status: [422],
    says: /half a character/,
  },
  {
    name: 'a version name with a NUL',
    send: (site) =>
      ask(site, 'POST', `/api/projects/${DEMO}/versions`, '{"name":"a\\u0000"}', {
        'content-type': 'application/json',
      }),
    status: [422],
    says: /NUL/,
  },
  {
    name: 'heads of 200 KB',
    send: (site) => raw(site, head(site, 'GET / HTTP/1.1', { Cookie: 'x'.repeat(200_000) })),
    status: [431],
  },
  { name: 'a method nobody knows', send: (site) => raw(site, head(site, 'BREW / HTTP/1.1')), status: [400] },
  {
    name: 'bytes that are no HTTP',
    send: (site) => raw(site, Buffer.from([0x16, 3, 1, 2, 0, 1, 0, 1, 0xfc, 3, 3])),
    status: [400],
  },
  {
    name: 'two lengths for one body',
    send: (site) =>
      raw(
        site,
        `POST /api/projects HTTP/1.1\r\nHost: ${new URL(site.address).host}\r\nContent-Length: 5\r\nContent-Length: 6\r\n\r\nabcdef`,
      ),
    status: [400],
  },
  {
    name: 'a length and chunks',
    send: (site) =>
      raw(
        site,
        head(site, 'POST /api/projects HTTP/1.1', { 'Content-Length': '5', 'Transfer-Encoding': 'chunked' }) +
          '0\r\n\r\n',
      ),
    status: [400],
  },
  {
    name: 'chunks that are none',
    send: (site) =>
      raw(
        site,
        head(site, 'POST /api/projects HTTP/1.1', {
          'Content-Type': 'application/json',
          'Transfer-Encoding': 'chunked',
        }) + 'ZZZZ\r\n',
      ),
    status: [400],
  },
  {
    name: 'half a body that never goes on',
    send: (site) =>
      raw(
        site,
        head(site, 'POST /api/projects HTTP/1.1', {
          'Content-Type': 'application/json',
          'Content-Length': '500',
        }) + '{"name":',
        12_000,
      ),
    status: [0, 400, 408],
  },
  {
    name: 'half a file that never goes on',
    send: (site) =>
      raw(
        site,
        head(site, `POST /api/projects/${DEMO}/assets?name=a.png HTTP/1.1`, { 'Content-Length': '5000000' }) +
          'x'.repeat(1000),
        12_000,
      ),
    status: [0, 400, 408],
  },
  {
    name: 'a head that never ends',
    send: (site) => raw(site, 'GET / HTTP/1.1\r\nHost: 127', 12_000),
    status: [0, 408],
  },
  { name: 'a body that breaks off', send: breaksOff, status: [0] },
  { name: 'an export of 40 others', send: manyExports, status: [429], says: /wait already/ },
]
