import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Documents } from '../../document/types'
import type { OverlayRecord } from '../../site/overlay'
import type { SiteDocument } from '../../site/site'
import { usualBands } from '../../site/usualSite'
import { blocksOf, idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewedProject, withFix } from '../../testing/reviewed'
import { page, ring, text } from '../../testing/ruleCases/drawnPages'
import { px } from '../../units/length'
import type { Fix } from '../finding'
import { projectReview } from '../projectFindings'

const library = shippedFontLibrary()
const OVERLAY = idOf('lastboats')

/** The project of a page with an overlay over it. */
function withOverlay(sketches: Sketch[], more: Partial<OverlayRecord> = {}): Documents {
  const documents = reviewedProject(page())
  const site = documents.site as unknown as SiteDocument
  const overlay = { id: OVERLAY, page: REVIEWED, order: 'a0', name: 'The last boats', ...more }
  const blocks = Object.fromEntries(blocksOf(sketches).map((block) => [block.id, block]))
  return {
    ...documents,
    site: { ...site, records: { ...site.records, overlays: { [OVERLAY]: overlay } } },
    [OVERLAY]: { ...documents[REVIEWED], id: OVERLAY, records: { blocks } },
  } as unknown as Documents
}

async function found(documents: Documents) {
  let made = 0
  const newId = () => `n${String(made++).padStart(15, '0')}`
  const { open } = await projectReview(documents, { name: 'Larder', library, newId })
  return open.filter(({ place }) => place.page === OVERLAY || place.id === OVERLAY)
}
const rules = async (documents: Documents) => (await found(documents)).map(({ rule }) => rule)

const section = (
  more: Partial<Sketch> = {},
  holds: Sketch[] = [text('words', 'The last boats')],
): Sketch => ({
  ...{ kind: 'section', name: 'boats', holds },
  ...more,
})

test('an overlay with the ground of its page and nothing between looks like it; its edge, its ground or a veil tells it apart', async () => {
  const clear = { veil: { colour: '#17211e', strength: 0.02 } }
  const [finding, ...others] = await found(withOverlay([section()], clear))
  expect(others).toEqual([])
  expect(finding).toMatchObject({ rule: 'overlayAlike', place: { page: OVERLAY, id: idOf('boats') } })
  expect(finding.says).toMatch(/^“The last boats” has the ground of the page it lies over/)
  expect(await rules(withFix(withOverlay([section()], clear), finding.fix as Fix))).toEqual([])
  expect(await rules(withOverlay([section()]))).toEqual([])
  const framed = section({ look: { border: ring('#14506b') } })
  expect(await rules(withOverlay([framed], clear))).not.toContain('overlayAlike')
  const tinted = section({ look: { fill: { hex: '#d5e2e8' } } })
  expect(await rules(withOverlay([tinted], clear))).not.toContain('overlayAlike')
  expect(await rules(withOverlay([section()], { ...clear, place: 'whole' }))).toEqual([])
})

test('an overlay is looked over as wide as it is shown, and is no page of the map', async () => {
  const wide = (width: number) =>
    withOverlay([section({}, [text('words', 'Boats', { place: { width: px(width) } })])], { width: 400 })
  const atWidth = await found(wide(500))
  expect(atWidth.map(({ rule }) => rule)).toEqual(expect.arrayContaining(['runsOut']))
  expect(await rules(wide(200))).toEqual([])
})

test('where the viewport is narrower than an overlay, it is as wide as that', async () => {
  const words = text('words', 'Boats', { place: { width: px(400) } })
  const troubles = (await found(withOverlay([section({}, [words])], { width: 700 }))).filter(
    ({ rule }) => rule === 'runsOut' || rule === 'atSomeWidths',
  )
  expect(troubles.map(({ rule }) => rule)).toContain('runsOut')
  for (const { bands } of troubles) expect(bands).toEqual([usualBands.narrow])
})
