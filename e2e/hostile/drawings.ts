import { ask, DEMO, type HostileInput } from './hostileInput'

const NAMESPACE = 'xmlns="http://www.w3.org/2000/svg" width="40" height="30"'
const svg = (inner: string, attributes = NAMESPACE) => Buffer.from(`<svg ${attributes}>${inner}</svg>`)
const upload: HostileInput['send'] = (site, made) =>
  ask(site, 'POST', `/api/projects/${DEMO}/assets?name=drawing.svg`, made)

/** Uploads an SVG that is taken, and tells what is kept of it. */
const kept: HostileInput['send'] = async (site, made) => {
  const answer = await fetch(`${site.address}/api/projects/${DEMO}/assets?name=drawing.svg`, {
    method: 'POST',
    body: made as unknown as BodyInit,
  })
  const { id, error } = (await answer.json()) as { id?: string; error?: string }
  if (!id) return { status: answer.status, says: error ?? '' }
  const stored = await ask(site, 'GET', `/api/projects/${DEMO}/assets/${id}`)
  const bad = /script|elsewhere|onload|javascript|entity/i.exec(stored.says)
  return { status: answer.status, says: bad ? `KEPT ${bad[0]}` : 'cleaned' }
}
const CLEANED = /^cleaned$/

/** A drawing of about 700 KB, as programs write them: many paths with long data. */
function ordinary(): Buffer {
  const path = (at: number) =>
    `<g id="p${at}"><path fill="#3e5c76" d="M${at} 0${'c1.5 2.25 3 4 5.125 6.5'.repeat(12)}z"/></g>`
  return svg(Array.from({ length: 2000 }, (_, at) => path(at)).join(''))
}

export const drawings: HostileInput[] = [
  {
    name: '400 KB of declarations',
    make: () => Buffer.from('<?xml'.repeat(80_000)),
    send: upload,
    status: [422],
    says: /damaged SVG/,
  },
  {
    name: '20,000 groups in one another',
    make: () => svg('<g>'.repeat(20_000) + '</g>'.repeat(20_000)),
    send: upload,
    status: [422],
    says: /200 deep/,
  },
  {
    name: '60,000 elements',
    make: () => svg('<path/>'.repeat(60_000)),
    send: upload,
    status: [422],
    says: /50,000 elements/,
  },
  { name: 'an ordinary SVG of 700 KB', make: ordinary, send: kept, status: [201], says: CLEANED },
  {
    name: 'entities that grow',
    make: () =>
      Buffer.from(`<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;">]>${svg('&b;')}`),
    send: upload,
    status: [422],
    says: /entities/,
  },
  {
    name: 'an entity from the disk',
    make: () => Buffer.from(`<!DOCTYPE svg [<!ENTITY a SYSTEM "file:///etc/passwd">]>${svg('&a;')}`),
    send: upload,
    status: [422],
    says: /entities/,
  },
  {
    name: 'comments that never end',
    make: () => Buffer.from('<!--'.repeat(100_000)),
    send: upload,
    status: [422],
    says: /damaged SVG/,
  },
  {
    name: 'a script and handlers',
    make: () => svg('<script>alert(1)</script><rect onload="alert(1)" width="4" height="4"/>'),
    send: kept,
    status: [201],
    says: CLEANED,
  },
  {
    name: 'a second address behind a harmless one',
    make: () => svg('<rect fill="url(#a) url(http://elsewhere.example/x)"/>'),
    send: kept,
    status: [201],
    says: CLEANED,
  },
  {
    name: 'an address spelt with escapes',
    make: () => svg('<rect fill="u\\72 l(http://elsewhere.example/x)"/>'),
    send: kept,
    status: [201],
    says: CLEANED,
  },
  {
    name: 'foreign HTML in a drawing',
    make: () =>
      svg(
        '<foreignObject><iframe xmlns="http://www.w3.org/1999/xhtml" src="http://elsewhere.example"/></foreignObject>',
      ),
    send: kept,
    status: [201],
    says: CLEANED,
  },
  {
    name: 'an element of 100,000 attributes',
    make: () => svg(`<rect ${Array.from({ length: 100_000 }, (_, at) => `a${at}="1"`).join(' ')}/>`),
    send: upload,
    status: [422],
    says: /200 attributes|damaged SVG/,
  },
  {
    name: 'an SVG wider than the earth',
    make: () => svg('', 'xmlns="http://www.w3.org/2000/svg" width="1e30" height="1e30"'),
    send: upload,
    status: [422],
    says: /no usable size/,
  },
  {
    name: 'an SVG with a NUL',
    make: () => svg('<title>a\0b</title>'),
    send: upload,
    status: [422],
    says: /damaged SVG/,
  },
  {
    name: 'an SVG of 24 MB',
    make: () => svg(`<title>${'x'.repeat(24_000_000)}</title>`),
    send: upload,
    status: [422],
    says: /larger than 20 MB/,
  },
  {
    name: 'an SVG of slow text',
    make: () => svg(`<style>${'a{b:c}'.repeat(200_000)}</style><text>${'&amp;'.repeat(200_000)}</text>`),
    send: kept,
    status: [201],
    says: CLEANED,
  },
]
