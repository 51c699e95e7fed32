import { gzipSync } from 'node:zlib'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { ROOT } from '../site'
import { ask, type HostileInput } from './hostileInput'
import { zipByHand } from './zipWriter'

type Records = Record<string, Record<string, Record<string, unknown>>>
interface Stored {
  schema: number
  records: Records
}

const demo = () => unzipSync(readFileSync(join(ROOT, 'demo', 'skerrin-ferries.nolvex.zip')))
const open: HostileInput['send'] = (site, made) =>
  ask(site, 'POST', '/api/projects/open', made, { 'content-type': 'application/zip' })

/** The demo with one of its parts changed. */
function changed(name: string, change: (part: Stored) => void): Buffer {
  const part = JSON.parse(strFromU8(demo()[name])) as Stored
  change(part)
  return withPart(name, JSON.stringify(part))
}
const withPart = (name: string, content: string) =>
  Buffer.from(zipSync({ ...demo(), [name]: strToU8(content) }, { level: 1 }))
const site = (change: (records: Records) => void) => () =>
  changed('documents/site.json', ({ records }) => change(records))
const manifest = (change: (all: Manifest) => void) => () =>
  changed('project.json', (all) => change(all as unknown as Manifest))
interface Manifest {
  documents: { id: string; kind: string }[]
  assets: { id: string }[]
}
const ids = (records: Records) => Object.keys(records.pages)
const page = (at: number, parent?: number) => {
  const id = (number: number) => `q${String(number).padStart(15, '0')}`
  return { id: id(at), order: 'a0', title: 'x', ...(parent === undefined ? {} : { parent: id(parent) }) }
}
const addPages = (records: Records, count: number, isChain = false) => {
  for (let at = 0; at < count; at++) {
    const one = page(at, isChain && at ? at - 1 : undefined)
    records.pages[one.id] = one
  }
}
const zeros = (megabytes: number) => Buffer.alloc(megabytes * 1024 * 1024)

export const projectFiles: HostileInput[] = [
  {
    name: 'a project file that is a letter',
    make: () => Buffer.from('Dear harbour'),
    send: open,
    status: [422],
    says: /no zip/,
  },
  { name: 'an empty project file', make: () => Buffer.alloc(0), send: open, status: [422], says: /no zip/ },
  {
    name: 'half a project file',
    make: () => Buffer.from(zipSync(demo())).subarray(0, 30_000),
    send: open,
    status: [422],
    says: /cut off/,
  },
  {
    name: 'a zip whose 6,000 entries are the same bytes',
    make: () => zipByHand([{ name: 'a', content: Buffer.alloc(900_000) }], 6000),
    send: open,
    status: [422],
    says: /overlap/,
  },
  {
    name: 'a zip whose entries overlap and lie',
    make: () => zipByHand([{ name: 'a', content: zeros(10), claims: 900_000 }], 6000),
    send: open,
    status: [422],
    says: /overlap|cut off/,
  },
  {
    name: 'an entry that is more than it says',
    make: () => zipByHand([{ name: 'project.json', content: zeros(300), claims: 1000 }]),
    send: open,
    status: [422],
    says: /cut off|tightly/,
  },
  {
    name: 'a zip bomb',
    make: () => zipByHand([{ name: 'project.json', content: zeros(200) }]),
    send: open,
    status: [422],
    says: /tightly/,
  },
  {
    name: '25,000 entries',
    make: () =>
      Buffer.from(
        zipSync(Object.fromEntries(Array.from({ length: 25_000 }, (_, at) => [`f${at}`, new Uint8Array(1)]))),
      ),
    send: open,
    status: [422],
    says: /too many parts/,
  },
  {
    name: 'names that lead out of the zip',
    make: () => zipByHand([{ name: '../../etc/passwd', content: Buffer.from('x') }]),
    send: open,
    status: [422],
    says: /no zip/,
  },
  {
    name: 'an entry twice',
    make: () =>
      zipByHand([
        { name: 'project.json', content: Buffer.from('{}') },
        { name: 'project.json', content: Buffer.from('{}') },
      ]),
    send: open,
    status: [422],
    says: /twice/,
  },
  {
    name: 'a project file without documents',
    make: manifest((all) => void (all.documents = [])),
    send: open,
    status: [422],
    says: /has no site/,
  },
  {
    name: 'a project file without settings',
    make: site((records) => void delete records.settings.site),
    send: open,
    status: [422],
    says: /settings/,
  },
  {
    name: 'a collection nobody knows',
    make: site((records) => void (records.boats = {})),
    send: open,
    status: [422],
    says: /no boats/,
  },
  {
    name: 'pages in a circle',
    make: site((records) => {
      const [a, b] = ids(records)
      records.pages[a].parent = b
      records.pages[b].parent = a
    }),
    send: open,
    status: [422],
    says: /in a circle/,
  },
  {
    name: 'the same picture twice',
    make: manifest((all) => void all.assets.push(all.assets[0])),
    send: open,
    status: [422],
    says: /twice/,
  },
  {
    name: 'a NUL in a title',
    make: site((records) => void (records.pages[ids(records)[0]].title = 'a\0b')),
    send: open,
    status: [422],
    says: /NUL/,
  },
  {
    name: 'half a character in a title',
    make: site((records) => void (records.pages[ids(records)[0]].title = '\ud83d')),
    send: open,
    status: [422],
    says: /half a character/,
  },
  {
    name: '257,401 pages',
    make: site((records) => addPages(records, 257_401)),
    send: open,
    status: [422],
    says: /16 MB|20,000 pages/,
  },
  {
    name: '20,001 pages',
    make: site((records) => addPages(records, 20_001)),
    send: open,
    status: [422],
    says: /20,000 pages/,
  },
  {
    name: 'a chain of 2,000 pages',
    make: site((records) => addPages(records, 2000, true)),
    send: openAndTakeAway,
    status: [200],
  },
  {
    name: 'a chain of 3,000 pages',
    make: site((records) => addPages(records, 3000, true)),
    send: open,
    status: [422],
    says: /2,500 deep/,
  },
  {
    name: '19,000 pages with long purposes',
    make: site((records) => {
      addPages(records, 19_000)
      for (const one of Object.values(records.pages)) one.purpose = 'x'.repeat(700)
    }),
    send: openAndTakeAway,
    status: [200],
  },
  {
    name: 'JSON without end',
    make: () => withPart('documents/site.json', `${'['.repeat(500_000)}${']'.repeat(500_000)}`),
    send: open,
    status: [422],
    says: /deep/,
  },
  {
    name: 'a kind from the prototype',
    make: manifest((all) => void (all.documents[1].kind = 'constructor')),
    send: open,
    status: [422],
    says: /not a document/,
  },
  {
    name: 'a family that ends the style element',
    make: () =>
      changed(
        'documents/style.json',
        ({ records }) => void (Object.values(records.levels)[0].family = '</style><script>alert(1)</script>'),
      ),
    send: open,
    status: [422],
    says: /famil/,
  },
  {
    name: 'a picture that is a damaged one',
    make: () => {
      const entries = demo()
      const name = Object.keys(entries).find((one) => one.startsWith('assets/')) as string
      entries[name] = entries[name].slice(0, 200)
      return Buffer.from(zipSync(entries))
    },
    send: open,
    status: [422],
    says: /damaged JPEG/,
  },
  {
    name: 'a compressed body',
    make: () => gzipSync(zeros(300)),
    send: (place, made) => ask(place, 'POST', '/api/projects/open', made, { 'content-encoding': 'gzip' }),
    status: [415],
    says: /uncompressed/,
  },
]

/** Opens a project that is taken, and takes its sitemap and itself away again, then deletes it. */
async function openAndTakeAway(place: Parameters<HostileInput['send']>[0], made: Buffer) {
  const opened = await fetch(`${place.address}/api/projects/open`, {
    method: 'POST',
    body: made as unknown as BodyInit,
  })
  const { id, error } = (await opened.json()) as { id?: string; error?: string }
  if (!id) return { status: opened.status, says: error ?? '' }
  const answers = [
    await ask(place, 'GET', `/api/projects/${id}/documents`),
    await ask(place, 'GET', `/api/projects/${id}/sitemap.xml`),
    await ask(place, 'GET', `/api/projects/${id}/file`),
  ]
  await ask(place, 'DELETE', `/api/projects/${id}`)
  return answers.find(({ status }) => status !== 200) ?? { status: 200, says: 'opened, and taken away again' }
}
