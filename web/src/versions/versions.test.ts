import type { Documents, Operation } from '@nolvex/core/document/types'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import { useBandChanges } from '../grid/useBandChanges'
import { openProject, type OpenProject } from '../testing/openProject'
import { locks, until } from '../testing/pretendBrowser'
import { useVersions } from './versionStore'

const PAGE = 'page000000000000'
const BLOCK = 'block00000000000'
const { narrow, medium, wide } = usualBands
let open: OpenProject
let versions: ReturnType<typeof useVersions>
let bands: ReturnType<typeof useBandChanges>

beforeEach(async () => {
  locks.releaseAll()
  const pages = { [PAGE]: { id: PAGE, order: 'a0', title: 'Home' } }
  const block = {
    id: BLOCK,
    order: 'a0',
    kind: 'section',
    arrange: { gap: px(40) },
    at: { [medium]: { arrange: { gap: px(24) } } },
  }
  const drawing = { kind: 'drawing', id: PAGE, schema: 3, records: { blocks: { [BLOCK]: block } } }
  const site = { ...usualSite, records: { ...usualSite.records, pages } }
  open = await openProject({ site, [PAGE]: drawing } as unknown as Documents)
  versions = useVersions()
  bands = open.use(() => useBandChanges())
})
afterEach(() => open.close())

const rename = (title: string) => open.project.setSite('Rename page', 'pages', PAGE, ['title'], title)
const title = () => open.project.site.records.pages[PAGE].title
const band = (id: string) => open.project.site.records.bands[id]
const block = () => open.project.drawing(PAGE)?.records.blocks[BLOCK]
const names = () =>
  Object.values(open.project.site.records.bands)
    .sort((a, b) => a.from - b.from)
    .map(({ name, from }) => [name, from])

describe('versions', () => {
  test('are kept under a name and compared with what there is now', async () => {
    expect(await versions.keep({ name: 'Before the talk' })).toBe(true)
    expect(versions.versions).toMatchObject([{ name: 'Before the talk', revision: 1 }])
    rename('Harbour')
    await open.saved()
    const [{ id }] = versions.versions
    const changes = await versions.compare(id, undefined)
    expect(JSON.stringify(changes)).toContain('Harbour')
    await versions.keep({ name: 'After' })
    expect(await versions.compare(id, versions.versions[0].id)).toEqual(changes)
    expect(await versions.compare(versions.versions[0].id, undefined)).toEqual([])
  })

  test('come back as one change over all documents, which can be undone', async () => {
    await versions.keep({ name: 'First' })
    rename('Harbour')
    const remove: Operation = { type: 'remove', collection: 'blocks', id: BLOCK }
    open.project.changeDrawing('Delete', PAGE, [remove])
    await open.saved()
    await versions.restore(versions.versions[0])
    expect([title(), block()?.kind]).toEqual(['Home', 'section'])
    expect(open.project.view.history.undo.at(-1)?.label).toBe('Restore First')
    await open.saved()
    open.project.undo()
    expect([title(), block()]).toEqual(['Harbour', undefined])
    await open.saved()
    expect(open.project.view.notSaved).toEqual([])
  })

  test('that equal what there is change nothing', async () => {
    await versions.keep({ name: 'First' })
    await versions.restore(versions.versions[0])
    expect(open.server.log).toEqual([])
  })

  test('are forgotten when asked, and trouble is told', async () => {
    await versions.keep({ name: 'First' })
    const [{ id }] = versions.versions
    await versions.forget(id)
    expect(versions.versions).toEqual([])
    expect(await versions.approve(id, 'Harbour office')).toBe(false)
    expect(versions.trouble).toBe('There is no such version.')
    open.server.isUp = false
    expect(await versions.keep({ name: 'Second' })).toBe(false)
    expect(versions.trouble).toBe('The server does not answer.')
  })
})

test('a gate says who approved, and what changed in its stage since', async () => {
  await versions.keep({ name: 'Map', gate: { stage: 'map', by: ['The line’s manager'] } })
  await versions.approve(versions.versions[0].id, 'Harbour office')
  expect(versions.versions[0].approvals.map(({ name }) => name)).toEqual([
    'The line’s manager',
    'Harbour office',
  ])
  const since = () => versions.gates.map?.since
  await waited(() => since() !== undefined)
  expect(since()).toEqual([])
  bands.move(band(medium), 700)
  await open.saved()
  await new Promise((resolve) => setTimeout(resolve, 500))
  expect(since()).toEqual([])
  rename('Harbour')
  await waited(() => since()?.length === 1)
})

/** What is watched is computed after a pause. */
async function waited(isSo: () => boolean) {
  for (let turn = 0; turn < 40 && !isSo(); turn++) await new Promise((resolve) => setTimeout(resolve, 50))
  await until(isSo)
}

describe('bands', () => {
  test('are split, renamed by the split and joined again without a value lost', () => {
    bands.split(band(wide), 1500)
    expect(names()).toEqual([
      ['Narrow', 0],
      ['Medium', 680],
      ['Wide', 1120],
      ['Wide 2', 1500],
    ])
    const added = Object.values(open.project.site.records.bands).find(({ from }) => from === 1500)
    expect(block()?.at?.[added?.id as string]).toBeUndefined()
    bands.merge(added as never, band(wide))
    expect(names()).toEqual([
      ['Narrow', 0],
      ['Medium', 680],
      ['Wide', 1120],
    ])
    for (let step = 0; step < 2; step++) open.project.undo()
    expect(names()).toHaveLength(3)
  })

  test('that are taken away hand their values outward, in one step over site and drawings', async () => {
    bands.remove(band(medium))
    expect(names()).toHaveLength(2)
    expect(block()?.at).toEqual({ [narrow]: { arrange: { gap: px(24) } } })
    await open.saved()
    expect(open.server.log).toHaveLength(1)
    open.project.undo()
    expect(block()?.at).toEqual({ [medium]: { arrange: { gap: px(24) } } })
    expect(names()).toHaveLength(3)
  })

  test('change the lead without a value changing anywhere', () => {
    bands.lead(band(medium))
    expect(open.project.site.records.settings.site.lead).toBe(medium)
    expect(block()).toMatchObject({ arrange: { gap: px(24) }, at: { [wide]: { arrange: { gap: px(40) } } } })
    expect(block()?.at?.[narrow]).toBeUndefined()
    bands.lead(band(wide))
    expect(block()).toMatchObject({
      arrange: { gap: px(40) },
      at: { [medium]: { arrange: { gap: px(24) } } },
    })
  })

  test('that cannot be say why, at the band they are asked of, and nothing changes', () => {
    const before = names()
    expect(bands.move(band(medium), 1200)).toBe(false)
    expect(bands.trouble.value).toMatchObject({ band: medium })
    expect(bands.trouble.value?.says).not.toBe('')
    expect(bands.split(band(narrow), 900)).toBe(false)
    expect(names()).toEqual(before)
    expect(bands.move(band(medium), 720)).toBe(true)
    expect(bands.trouble.value).toBeUndefined()
    expect(band(medium).from).toBe(720)
  })
})
