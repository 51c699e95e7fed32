import { unzipSync, zipSync } from 'fflate'
import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { ChangePart, Documents, Json, StoredRecord } from '../document/types'
import { changeLead, removeBand } from '../edit/bandChanges'
import type { DrawingDocument } from '../drawing/drawing'
import { PackedFileError } from '../formats/documentEntries'
import { KIT_FILE_SCHEMA, readKit, writeKitFile } from '../formats/kitFile'
import { documentKinds } from '../resolve/documentKinds'
import type { BlockNode } from '../resolve/node'
import { drawingIn, pageSources } from '../resolve/pageSources'
import { resolvePage } from '../resolve/resolvePage'
import type { SiteDocument } from '../site/site'
import { usualBands, usualSite } from '../site/usualSite'
import { roleTokenId } from '../style/guideIds'
import { plainStyle } from '../style/plainStyle'
import { USUAL_START } from '../style/quickStart'
import type { StyleDocument } from '../style/style'
import { takeStart } from '../style/takeStart'
import { blocksOf, idOf, type Sketch } from '../testing/draft'
import { px } from '../units/length'
import { becoming } from './becoming'
import { matchBands } from './fitBands'
import { allOf, kitDocuments, NOTHING_CHOSEN, takenId, type Kit, type KitChoice } from './kit'
import { kitNews } from './kitNews'
import { makeKit } from './makeKit'
import { eachString, needsOf } from './needs'
import { takeFromKit, type TakeWish } from './takeFromKit'

const { narrow, medium, wide } = usualBands
const says = (words: string) => [{ insert: words }]
let count = 0
const newId = () => `n${String(count++).padStart(15, '0')}`
const ids = (...names: string[]) => names.map(idOf)
const [CARD, BADGE, HEAD, STEPS, KIT, PAGE, PHOTO, SEA, GAP, UNUSED, PRICE] = ids(
  ...['card', 'badge', 'head', 'steps', 'quaykit', 'fares', 'photo', 'sea', 'gapwide', 'unused', 'price'],
)
const byId = <T extends { id: string }>(records: T[]) =>
  Object.fromEntries(records.map((record) => [record.id, record]))
const drawing = (id: string, sketches: Sketch[]) => ({
  ...{ kind: 'drawing', id, schema: documentKinds.drawing.schema },
  records: { blocks: byId(blocksOf(sketches)) },
})

const guide = takeStart(plainStyle, USUAL_START, ['colour', 'type', 'space', 'parts'])
const token = (id: string, more: object) => ({ id, order: 'z0', name: id.split('0')[0], ...more })

/** A project with a card that shows a badge, a header with a menu, and a pattern; its guide has more than they name. */
const project = {
  site: {
    ...usualSite,
    records: {
      ...usualSite.records,
      pages: { [PAGE]: { id: PAGE, order: 'a0', title: 'Fares' } },
      menus: { mainmenu00000000: { id: 'mainmenu00000000', order: 'a0', name: 'Main', kind: 'main' } },
      menuEntries: {
        entry00000000000: { id: 'entry00000000000', menu: 'mainmenu00000000', order: 'a0', page: PAGE },
      },
    },
  },
  style: {
    ...guide,
    records: {
      ...guide.records,
      tokens: {
        ...guide.records.tokens,
        [SEA]: token(SEA, { type: 'colour', value: '#2b5d77' }),
        [GAP]: token(GAP, { type: 'length', value: px(28), use: 'space' }),
        [UNUSED]: token(UNUSED, { type: 'colour', value: '#ff00ff' }),
      },
      parts: {
        ...guide.records.parts,
        ticket0000000000: {
          ...{ id: 'ticket0000000000', order: 'z0', kind: 'button', variant: 'ticket', name: 'Ticket' },
          look: { fill: { token: SEA } },
        },
      },
      shared: {
        [CARD]: { id: CARD, order: 'a0', name: 'Fare card', root: idOf('cardbox') },
        [BADGE]: { id: BADGE, order: 'a1', name: 'Badge', root: idOf('badgebox') },
        [HEAD]: { id: HEAD, order: 'a2', name: 'Header', root: idOf('headbox') },
      },
      sharedValues: {
        [PRICE]: {
          ...{ id: PRICE, order: 'a0', shared: CARD, label: 'price', block: idOf('cardprice'), leaf: 'text' },
        },
      },
      patterns: { [STEPS]: { id: STEPS, order: 'a0', name: 'Three steps', root: idOf('stepsroot') } },
    },
  },
  [CARD]: drawing(CARD, [
    {
      kind: 'section',
      name: 'stand',
      holds: [
        {
          kind: 'box',
          name: 'cardbox',
          arrange: { type: 'column', gap: { token: GAP } },
          look: { fill: { token: roleTokenId('tint') } },
          note: 'Talk to the office about this.',
          at: {
            [medium]: { arrange: { gap: px(20) } },
            [narrow]: { place: { width: 'fill' as const }, look: { opacity: 0.9 } },
          },
          holds: [
            { kind: 'text', name: 'cardtitle', text: says('Orrel'), tag: 'h3' },
            { kind: 'text', name: 'cardprice', text: says('12.50') },
            {
              ...{ kind: 'picture', name: 'cardphoto' },
              data: { file: { asset: PHOTO, width: 300, height: 200 } },
            },
            {
              ...{ kind: 'button', name: 'cardbuy', variant: 'ticket', text: says('Buy') },
              data: { to: { page: PAGE } },
            },
            { kind: 'copy', name: 'cardbadge', data: { shared: BADGE } },
          ],
        },
      ],
    },
  ]),
  [BADGE]: drawing(BADGE, [
    {
      ...{ kind: 'section', name: 'badgestand' },
      holds: [{ kind: 'box', name: 'badgebox', holds: [{ kind: 'text', name: 'word', text: says('New') }] }],
    },
  ]),
  [HEAD]: drawing(HEAD, [
    {
      kind: 'section',
      name: 'headbox',
      holds: [{ kind: 'nav', name: 'links', data: { menu: 'mainmenu00000000' } }],
    },
  ]),
  [STEPS]: drawing(STEPS, [
    {
      kind: 'section',
      name: 'stepsroot',
      holds: [{ kind: 'text', name: 'first', text: says('Choose a boat') }],
    },
  ]),
  [PAGE]: drawing(PAGE, []),
} as unknown as Documents

const about = { id: KIT, name: 'Quay', version: 1 }
const choice: KitChoice = { ...NOTHING_CHOSEN, shared: [CARD, BADGE, HEAD], patterns: [STEPS] }
const named = (id: string) => ({ id, name: `${id}.png`, type: 'image/png' })
function kitOf(documents: Documents, wanted = choice, version = 1): Kit {
  const { kit } = makeKit(documents, wanted, { ...about, version })
  return { ...kit, files: kit.files.map(({ id }) => named(id)) }
}
const kit = kitOf(project)

/** A project of its own with a guide of its own. */
const other = (style: StyleDocument = plainStyle, site: SiteDocument = usualSite) =>
  ({ site, style, [PAGE]: drawing(PAGE, []) }) as unknown as Documents
const styleOf = (documents: Documents) => documents.style as unknown as StyleDocument
function wish(of: Kit, documents: Documents, more: Partial<TakeWish> = {}): TakeWish {
  const wanted = more.choice ?? { ...NOTHING_CHOSEN, shared: [CARD] }
  return {
    choice: wanted,
    isLinked: true,
    files: Object.fromEntries(of.files.map(({ id }) => [id, `own${id}`.slice(0, 16)])),
    becoming: becoming(of, needsOf(of, wanted), styleOf(documents)),
    ...more,
  }
}
function after(documents: Documents, parts: ChangePart[]): Documents {
  const applied = applyChange(documentKinds, documents, parts)
  expect(applied.outcomes).toEqual([])
  const undone = applyChange(documentKinds, applied.documents, applied.inverse).documents
  // A drawing nothing stands in is as good as none.
  const stays = Object.entries(undone).filter(([id]) => id in documents)
  expect(Object.fromEntries(stays)).toEqual(documents)
  return applied.documents
}
function taken(documents: Documents, more: Partial<TakeWish> = {}, of = kit): Documents {
  const change = takeFromKit(documents, of, wish(of, documents, more), newId)
  const result = after(documents, change.parts)
  // What is shown before it is taken is what stands there afterwards.
  expect(withoutBranches(change.documents)).toEqual(withoutBranches(result))
  return result
}
const withoutBranches = (documents: Documents) => JSON.parse(JSON.stringify(documents)) as Documents

/** What a drawing shows at a band, without ids. */
function shown(documents: Documents, id: string, band: string) {
  const plain = ({
    key: _key,
    origin: _origin,
    name: _name,
    room: _room,
    children,
    content,
    ...node
  }: BlockNode): object => ({
    ...node,
    content: content.type === 'picture' ? content.type : content,
    attributes: undefined,
    children: children.map(plain),
  })
  const { children, ground } = resolvePage(pageSources(documents, id), band)
  return { ground, children: children.map(plain) }
}

describe('a kit that is made', () => {
  test('has what was chosen, what it shows, and what dresses it; nothing else of the project', () => {
    expect(Object.keys(kit.drawings).sort()).toEqual([BADGE, CARD, HEAD, STEPS].sort())
    const { tokens, parts } = kit.style.records
    expect([SEA, GAP, roleTokenId('action')].filter((id) => id in tokens)).toHaveLength(3)
    expect(UNUSED in tokens).toBe(false)
    expect(Object.values(parts).some(({ variant }) => variant === 'ticket')).toBe(true)
    expect(kit.files.map(({ id }) => id)).toEqual([PHOTO])
    expect(kit.site.records.pages).toEqual({})
    expect(Object.values(kit.site.records.menuEntries)).toMatchObject([{ label: 'Fares' }])
  })

  test('a badge brings what shows in it only when it is chosen alone', () => {
    const alone = kitOf(project, { ...NOTHING_CHOSEN, shared: [BADGE] })
    expect(Object.keys(alone.drawings)).toEqual([BADGE])
    const withOthers = kitOf(project, { ...NOTHING_CHOSEN, shared: [CARD] })
    expect(Object.keys(withOthers.drawings).sort()).toEqual([BADGE, CARD])
  })

  test('leaves links to pages and notes behind, and says how many', () => {
    const { leftOut } = makeKit(project, choice, about)
    expect(leftOut).toEqual({ pages: 1, 'rows and content': 0, sections: 0, other: 0 })
    const texts: string[] = []
    eachString(kit.drawings as unknown as Json, (text) => texts.push(text))
    expect(texts).not.toContain(PAGE)
    expect(texts.join()).not.toContain('office')
  })

  test('looks as it does in the project', () => {
    for (const band of [narrow, medium, wide])
      for (const id of [BADGE, STEPS])
        expect(shown(kitDocuments(kit), id, band)).toEqual(shown(project, id, band))
  })

  test('as a file reads back equal, bytes and all', () => {
    const bytes = { [PHOTO]: new Uint8Array([1, 2, 3]) }
    const read = readKit(unzipSync(writeKitFile({ kit, bytes })))
    expect(withoutBranches(read.kit as unknown as Documents)).toEqual(
      withoutBranches(kit as unknown as Documents),
    )
    expect(read.bytes[PHOTO]).toEqual(bytes[PHOTO])
  })
})

describe('what is taken of a kit', () => {
  test('looks as in the project it comes from, where the guide is the same', () => {
    const here = taken(other(styleOf(project)))
    for (const band of [narrow, medium, wide])
      expect(shown(here, takenId(KIT, CARD), band)).toEqual(shown(kitDocuments(kit), CARD, band))
  })

  test('follows the guide of the project it comes to: colours by their use, levels by their rank', () => {
    const blue = takeStart(plainStyle, { ...USUAL_START, main: '#204a87' }, [
      'colour',
      'type',
      'space',
      'parts',
    ])
    const here = other(blue)
    const list = becoming(kit, needsOf(kit, { ...NOTHING_CHOSEN, shared: [CARD] }), blue)
    const of = (id: string) => list.find((one) => one.id === id)
    expect(of(roleTokenId('tint'))).toMatchObject({ into: roleTokenId('tint') })
    expect([of(SEA)?.into, of(GAP)?.into, of('button ticket')?.into]).toEqual([
      undefined,
      undefined,
      undefined,
    ])
    expect(list.map(({ id }) => id).sort()).toEqual([SEA, GAP, roleTokenId('tint'), 'button ticket'].sort())
    const { tokens, parts } = styleOf(taken(here)).records
    const more = Object.keys(tokens).filter((id) => !(id in blue.records.tokens))
    expect(more.sort()).toEqual([takenId(KIT, SEA), takenId(KIT, GAP)].sort())
    expect(Object.values(parts).filter(({ id }) => !(id in blue.records.parts))).toMatchObject([
      { variant: 'ticket', look: { fill: { token: takenId(KIT, SEA) } } },
    ])
  })

  test('strays nowhere: no id of the kit is left but where it says what it came from', () => {
    const before = other()
    const here = taken(before, { choice: allOf(kit), files: {} })
    const foreign = new Set([
      ...Object.values(kit.drawings).flatMap(({ records }) => Object.keys(records.blocks)),
      ...Object.keys(kit.drawings),
      ...[SEA, GAP, PHOTO, PRICE, 'mainmenu00000000', 'ticket0000000000'],
    ])
    const met: string[] = []
    const { kits: _kits, shared, ...guideRecords } = styleOf(here).records
    const rest = Object.values(shared).map(({ from: _from, ...own }) => own)
    const look = (value: unknown) => eachString(value as Json, (text) => foreign.has(text) && met.push(text))
    look([guideRecords, rest])
    for (const document of Object.values(here)) if (document.kind === 'drawing') look(document)
    expect(met).toEqual([])
  })

  test('keeps a choice of token for the next time, and what comes along is there already', () => {
    const before = other()
    const first = wish(kit, before)
    const accent = 'colouraccent0000'
    const chosen = first.becoming.map((one) => (one.id === SEA ? { ...one, into: accent } : one))
    const here = taken(before, { becoming: chosen })
    const again = becoming(kit, needsOf(kit, first.choice), styleOf(here))
    expect(again.find(({ id }) => id === SEA)).toMatchObject({ into: accent, why: 'chosen' })
    expect(again.find(({ id }) => id === GAP)).toMatchObject({ into: takenId(KIT, GAP), why: 'taken' })
    expect(Object.keys(styleOf(here).records.tokens)).not.toContain(takenId(KIT, SEA))
  })

  test('without a link has ids of its own each time, and follows nothing', () => {
    const once = taken(other(), { isLinked: false })
    const twice = taken(once, { isLinked: false })
    const cards = Object.values(styleOf(twice).records.shared).filter(({ name }) => name === 'Fare card')
    expect(cards).toHaveLength(2)
    expect(cards.some(({ from }) => from)).toBe(false)
    const all = Object.values(twice).flatMap(({ records }) => Object.keys(records.blocks ?? {}))
    expect(new Set(all).size).toBe(all.length)
  })

  test('a part that is chosen takes the place of the one there is', () => {
    const base = Object.values(kit.style.records.parts).find(
      ({ kind, variant, piece, state }) => kind === 'button' && !variant && !piece && !state,
    )
    if (!base) throw new Error('The guide dresses buttons.')
    const mine = { ...base, id: idOf('mine'), look: { opacity: 0.4 } }
    const style = { ...plainStyle, records: { ...plainStyle.records, parts: { [mine.id]: mine } } }
    const here = taken(other(style), { choice: { ...NOTHING_CHOSEN, parts: [base.id] } })
    const parts = Object.values(styleOf(here).records.parts)
    expect(parts.map(({ id }) => id)).toEqual([takenId(KIT, base.id)])
  })

  test('a menu is the project’s of the same kind, and is left out where there is none', () => {
    const heads = { choice: { ...NOTHING_CHOSEN, shared: [HEAD] } }
    const menuOf = (documents: Documents) =>
      Object.values((drawingIn(documents, takenId(KIT, HEAD)) as DrawingDocument).records.blocks).find(
        ({ kind }) => kind === 'nav',
      )?.data?.menu
    const own = { id: 'ownmenu000000000', order: 'a0', name: 'Top', kind: 'main' as const }
    const site = { ...usualSite, records: { ...usualSite.records, menus: { [own.id]: own } } }
    expect(menuOf(taken(other(plainStyle, site), heads))).toBe(own.id)
    expect(menuOf(taken(other(), heads))).toBeUndefined()
  })
})

describe('a kit drawn for other bands', () => {
  const narrowLead = after(other(), changeLead({ site: usualSite, style: plainStyle, drawings: [] }, narrow))
  const site = narrowLead.site as unknown as SiteDocument

  test('its bands become the nearest ones, its lead the project’s', () => {
    expect([...matchBands(kit.site, site)]).toEqual([
      [narrow, narrow],
      [medium, medium],
      [wide, wide],
    ])
    const without = after(other(), removeBand({ site: usualSite, style: plainStyle, drawings: [] }, medium))
    const two = matchBands(kit.site, without.site as unknown as SiteDocument)
    expect([...two]).toEqual([
      [wide, wide],
      [narrow, narrow],
    ])
  })

  test('looks the same at every band under another lead', () => {
    const here = taken(other(styleOf(project), site))
    for (const band of [narrow, medium, wide])
      expect(shown(here, takenId(KIT, CARD), band)).toEqual(shown(kitDocuments(kit), CARD, band))
  })

  test('a band the project has nothing like hands its values outward', () => {
    const { site: two } = after(
      other(),
      removeBand({ site: usualSite, style: plainStyle, drawings: [] }, medium),
    ) as unknown as { site: SiteDocument }
    const here = taken(other(styleOf(project), two))
    const box = Object.values(blocksIn(here)).find(({ kind }) => kind === 'box')
    expect(box?.at?.[narrow]?.arrange?.gap).toEqual(px(20))
    expect(Object.keys(box?.at ?? {})).toEqual([narrow])
  })
})
const blocksIn = (documents: Documents, id = takenId(KIT, CARD)) =>
  documents[id].records.blocks as unknown as Record<string, Block>

describe('a newer kit', () => {
  const changedTitle = {
    ...project,
    [CARD]: {
      ...project[CARD],
      records: {
        blocks: {
          ...project[CARD].records.blocks,
          [idOf('cardtitle')]: {
            ...project[CARD].records.blocks[idOf('cardtitle')],
            text: says('Tansay'),
          } as unknown as StoredRecord,
        },
      },
    },
  }
  const newer = kitOf(changedTitle, choice, 2)
  const here = taken(other(), { choice })

  test('offers the blocks that differ, and says whether they were changed here', () => {
    expect(kitNews(here, kit, newId)).toEqual([])
    const news = kitNews(here, newer, newId)
    expect(news).toMatchObject([
      { block: CARD, isChangedHere: false, says: ['cardtitle says “Tansay”, said “Orrel”'] },
    ])
    const title = takenId(KIT, idOf('cardtitle'))
    const edited = after(here, [
      {
        document: takenId(KIT, CARD),
        kind: 'drawing',
        operations: [{ type: 'set', collection: 'blocks', id: title, path: ['locked'], value: true }],
      },
    ])
    expect(kitNews(edited, newer, newId)[0].isChangedHere).toBe(true)
  })

  test('taken, it reaches the copies, which keep what they say otherwise', () => {
    const card = takenId(KIT, CARD)
    const price = takenId(KIT, PRICE)
    const copy = {
      id: idOf('copy'),
      order: 'a0',
      kind: 'copy',
      data: { shared: card },
      parent: idOf('section'),
    }
    const values = { [price]: says('9.00') }
    const drawn = after(here, [
      {
        ...{ document: PAGE, kind: 'drawing' },
        operations: [
          {
            type: 'put',
            collection: 'blocks',
            id: idOf('section'),
            record: { id: idOf('section'), order: 'a0', kind: 'section' },
          },
          {
            type: 'put',
            collection: 'blocks',
            id: copy.id,
            record: { ...copy, values } as unknown as StoredRecord,
          },
        ],
      },
    ])
    const now = taken(drawn, {}, newer)
    const page = JSON.stringify(resolvePage(pageSources(now, PAGE), wide))
    expect(page).toContain('Tansay')
    expect(page).toContain('9.00')
    expect(page).not.toContain('12.50')
    expect(styleOf(now).records.shared[card].from?.version).toBe(2)
    expect(kitNews(now, newer, newId)).toEqual([])
  })
})

describe('a file that is no kit', () => {
  const entries = () => unzipSync(writeKitFile({ kit, bytes: { [PHOTO]: new Uint8Array([1]) } }))
  const manifest = () => JSON.parse(new TextDecoder().decode(entries()['kit.json'])) as Record<string, Json>
  const encode = (value: unknown) => new TextEncoder().encode(JSON.stringify(value))
  const cases: [string, () => Record<string, Uint8Array>, RegExp][] = [
    ['a zip of something else', () => ({ 'readme.txt': encode('hello') }), /lacks kit\.json/],
    [
      'of a newer Nolvex',
      () => ({
        ...entries(),
        'kit.json': encode({ ...manifest(), schema: KIT_FILE_SCHEMA + 1, mood: 'new' }),
      }),
      /newer Nolvex\. Update/,
    ],
    [
      'of a newer schema of a document',
      () => ({ ...entries(), 'documents/style.json': encode({ ...kit.style, schema: 99 }) }),
      /style\.json in the kit.*Update/,
    ],
    [
      'whose manifest is no manifest',
      () => ({ ...entries(), 'kit.json': encode({ format: 'nolvex-kit' }) }),
      /not a Nolvex kit/,
    ],
    [
      'that lacks a drawing',
      () => {
        const list = manifest()
        const documents = (list.documents as { id: string }[]).filter(({ id }) => id !== CARD)
        return { ...entries(), 'kit.json': encode({ ...list, documents }) }
      },
      /lacks the drawing of “Fare card”/,
    ],
    [
      'that lacks a picture',
      () => Object.fromEntries(Object.entries(entries()).filter(([name]) => !name.startsWith('assets/'))),
      /lacks assets/,
    ],
    [
      'with a document that is no JSON',
      () => ({ ...entries(), 'documents/site.json': new Uint8Array([123]) }),
      /site\.json in the kit is not JSON/,
    ],
  ]
  test.each(cases)('%s is refused in words', (_name, make, words) => {
    const again = unzipSync(zipSync(make()))
    expect(() => readKit(again)).toThrow(PackedFileError)
    expect(() => readKit(again)).toThrow(words)
  })
})
