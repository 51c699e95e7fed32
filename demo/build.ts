import { readFileSync, writeFileSync } from 'node:fs'
import sharp from 'sharp'
import type { Block } from '@nolvex/core/block/block'
import { emptyContent } from '@nolvex/core/content/content'
import type { Documents } from '@nolvex/core/document/types'
import { readProject, writeProjectFile, type ProjectAsset } from '@nolvex/core/formats/projectFile'
import type { Page, Section, SiteDocument } from '@nolvex/core/site/site'
import { usualSite } from '@nolvex/core/site/usualSite'
import { draftedPages } from './draftedPages'
import { FREIGHT, FREIGHT_PICTURE, freightArtwork, solids, withFreightArtwork } from './freightArtwork'
import { homeBlocks } from './homeDrawing'
import { credits, pictures } from './pictures'
import { gridPlan } from './skerrinGrid'
import { unzip } from '@nolvex/server/projects/unzip'
import { scenery } from './scenery'
import { board, lastBoats, lastBoatsBlocks, stormDay, withStormDay } from './shownBeside'
import { sharedParts } from './sharedParts'
import { inGuide, skerrinGuide } from './skerrinGuide'
import { brandPictures, marks, moods } from './skerrinMarks'
import { collections } from './skerrinRows'
import { pageId, skerrinPages, type DemoPage } from './skerrinPages'
import { commonSections, contentItems, lastNumber, pagePlans, planning, serviceSections } from './skerrinPlan'

/** Builds the demo's project file from its parts: `node --import tsx demo/build.ts`. */
const pages: Record<string, Page> = {}
const sections: Record<string, Section> = {}

/** Pages whose mockup is not ticked yet. */
const STILL_IN_WORK = ['notices', 'refunds', 'buy'].map(pageId)

function lay(drafts: DemoPage[], parent?: string) {
  drafts.forEach(({ id, title, sections: names, children = [] }, index) => {
    const order = `a${String.fromCharCode(97 + index)}`
    const plan = Object.entries(pagePlans).find(
      ([name]) => id === `page${name}`.padEnd(16, '0').slice(0, 16),
    )?.[1]
    const checked = STILL_IN_WORK.includes(id) ? undefined : { mockup: true as const }
    pages[id] = { id, order, title, ...(parent ? { parent } : {}), ...plan, checked }
    names.forEach((name, at) => {
      const section = `sec${id.slice(4, 14)}`.padEnd(14, '0') + String(at).padStart(2, '0')
      sections[section] = {
        id: section,
        page: id,
        order: `a${String.fromCharCode(97 + at)}`,
        name,
        ...(serviceSections.includes(name) ? { source: 'service' as const } : {}),
      }
    })
    lay(children, id)
  })
}
lay(skerrinPages)
for (const section of commonSections) sections[section.id] = section
const outside: Page = {
  id: 'pagenotfound0000',
  order: 'b00',
  title: 'Page not found',
  kind: 'outside',
  purpose: 'Catches old and mistyped addresses.',
  goal: 'Finds the way back',
}
pages[outside.id] = outside

const purpose =
  'Skerrin Ferries is known on the quay and hardly found from anywhere else. The site is to say at once whether boats sail, sell tickets before people reach the quay, and tell islanders of changes.'
const settings = {
  site: {
    ...usualSite.records.settings.site,
    ...{ address: 'https://skerrin-ferries.example', purpose },
    ownWords: { foredeck: true as const },
  },
}
const recordsOf = <T extends { id: string }>(list: T[]) =>
  Object.fromEntries(list.map((one) => [one.id, one]))
const [home] = skerrinPages
const site = {
  ...usualSite,
  records: {
    ...{ ...usualSite.records, ...planning, ...gridPlan, pages, sections, settings },
    pageStates: recordsOf([stormDay]),
    overlays: recordsOf([lastBoats]),
    boards: recordsOf([board]),
  },
} as unknown as SiteDocument
const drawingOf = (id: string, blocks: object) => ({ kind: 'drawing', id, schema: 3, records: { blocks } })
/** Each section of a drawing is the map's of the same name. */
function withSections(blocks: Record<string, Block>) {
  const idOf = (name: string | undefined) =>
    Object.values(sections).find((one) => one.name === name && (!one.page || one.page === home.id))?.id
  return Object.fromEntries(
    Object.entries(blocks).map(([id, block]) => {
      const section = block.parent ? undefined : idOf(block.name)
      return [id, section ? { ...block, section } : block]
    }),
  )
}
const byId = (blocks: Block[]) => Object.fromEntries(blocks.map((block) => [block.id, block]))
const draftedBlocks = draftedPages(site)
const freight = withFreightArtwork(draftedBlocks.get(FREIGHT) ?? [])
draftedBlocks.set(FREIGHT, freight.blocks)
Object.assign(site.records, {
  artworks: recordsOf([freightArtwork(freight.title)]),
  solids: recordsOf(solids),
  credits: recordsOf(credits),
})
const drafted = [...draftedBlocks].map(([id, blocks]) => {
  const drawn = byId(blocks)
  return [id, drawingOf(id, id === stormDay.page ? withStormDay(drawn) : drawn)]
})
const common = sharedParts(site)
const documents = {
  site,
  content: {
    ...emptyContent,
    records: {
      items: Object.fromEntries(contentItems.map((item) => [item.id, item])),
      counter: { counter: { id: 'counter', last: lastNumber } },
    },
  },
  ...Object.fromEntries(collections.map((collection) => [collection.id, collection])),
  style: {
    ...skerrinGuide,
    records: {
      ...skerrinGuide.records,
      marks: recordsOf(marks),
      moods: recordsOf(moods),
      shared: Object.fromEntries(common.map(({ shared }) => [shared.id, shared])),
    },
  },
  ...Object.fromEntries(common.map(({ shared, blocks }) => [shared.id, drawingOf(shared.id, byId(blocks))])),
  [home.id]: drawingOf(home.id, withSections(homeBlocks())),
  [lastBoats.id]: drawingOf(lastBoats.id, lastBoatsBlocks()),
  ...(Object.fromEntries(drafted) as object),
} as unknown as Documents

const photographs = await Promise.all(
  pictures.map(async ({ id, name, scene, seed, ...own }): Promise<ProjectAsset> => {
    return { id, name, type: 'image/jpeg', bytes: await scenery(scene, seed, own) }
  }),
)
const brand = await Promise.all(
  brandPictures.map(async ([id, name, svg]): Promise<ProjectAsset> => {
    const bytes = await sharp(Buffer.from(svg)).png({ palette: true, compressionLevel: 9 }).toBuffer()
    return { id, name, type: 'image/png', bytes: new Uint8Array(bytes) }
  }),
)
const lamplight: ProjectAsset = {
  ...{ id: FREIGHT_PICTURE.id, name: FREIGHT_PICTURE.name, type: 'image/jpeg' as const },
  bytes: new Uint8Array(readFileSync(new URL('./freight-by-lamplight.jpg', import.meta.url))),
}
const assets = [...photographs, lamplight, ...brand]
const file = writeProjectFile({ name: 'Skerrin Ferries', documents: inGuide(documents), assets })
readProject(await unzip(Buffer.from(file)))
writeFileSync(new URL('./skerrin-ferries.nolvex.zip', import.meta.url), file)
console.log(`${Object.keys(pages).length} pages, ${(file.length / 1024).toFixed(0)} KB`)
