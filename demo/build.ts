import { writeFileSync } from 'node:fs'
import sharp from 'sharp'
import type { Documents } from '@nolvex/core/document/types'
import { readProjectFile, writeProjectFile, type ProjectAsset } from '@nolvex/core/formats/projectFile'
import type { Page, Section } from '@nolvex/core/site/site'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { homeBlocks, pictureIds } from './homeDrawing'
import { scenery } from './scenery'
import { skerrinPages, type DemoPage } from './skerrinPages'

/** Builds the demo's project file from its parts: `node --import tsx demo/build.ts`. */
const pages: Record<string, Page> = {}
const sections: Record<string, Section> = {}

function lay(drafts: DemoPage[], parent?: string) {
  drafts.forEach(({ id, title, sections: names, children = [] }, index) => {
    const order = `a${String.fromCharCode(97 + index)}`
    pages[id] = { id, order, title, ...(parent ? { parent } : {}) }
    names.forEach((name, at) => {
      const section = `sec${id.slice(4, 14)}`.padEnd(14, '0') + String(at).padStart(2, '0')
      sections[section] = { id: section, page: id, order: `a${String.fromCharCode(97 + at)}`, name }
    })
    lay(children, id)
  })
}
lay(skerrinPages)

const settings = { site: { ...usualSite.records.settings.site, address: 'https://skerrin-ferries.example' } }
const [home] = skerrinPages
const documents = {
  site: { ...usualSite, records: { ...usualSite.records, pages, sections, settings } },
  style: plainStyle,
  [home.id]: { kind: 'drawing', id: home.id, schema: 1, records: { blocks: homeBlocks() } },
} as unknown as Documents

const scenes: [id: string, name: string, svg: string][] = [
  [
    pictureIds.harbour,
    'harbour.png',
    scenery({
      sky: '#cfdde0',
      hills: ['#8fa8a0', '#5f7f76'],
      sea: '#3e5c76',
      peak: 0.3,
      boat: { x: 560, size: 1.2 },
    }),
  ],
  [
    pictureIds.orrel,
    'orrel.png',
    scenery({ sky: '#e6dfc9', hills: ['#a3a985', '#6f8463'], sea: '#52758a', peak: 0.62 }),
  ],
  [
    pictureIds.tansay,
    'tansay.png',
    scenery({ sky: '#d5e0da', hills: ['#9fb0a4', '#58786b'], sea: '#456a80', peak: 0.4, house: { x: 210 } }),
  ],
  [
    pictureIds.hask,
    'little-hask.png',
    scenery({
      sky: '#dcd9e2',
      hills: ['#a49db2', '#6c6a80'],
      sea: '#4a5f7c',
      peak: 0.75,
      boat: { x: 150, size: 0.6 },
    }),
  ],
]
const assets = await Promise.all(
  scenes.map(async ([id, name, svg]): Promise<ProjectAsset> => {
    const bytes = await sharp(Buffer.from(svg)).png({ palette: true, compressionLevel: 9 }).toBuffer()
    return { id, name, type: 'image/png', bytes: new Uint8Array(bytes) }
  }),
)
const file = writeProjectFile({ name: 'Skerrin Ferries', documents, assets })
readProjectFile(file)
writeFileSync(new URL('./skerrin-ferries.nolvex.zip', import.meta.url), file)
console.log(`${Object.keys(pages).length} pages, ${(file.length / 1024).toFixed(0)} KB`)
