import { STAND_IN } from '@nolvex/core/draft/standIns'
import type { Block } from '@nolvex/core/block/block'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { signFor } from '@nolvex/core/draft/draftIcons'
import { allNamed } from '@nolvex/core/draft/draftPage'
import { usualChoice, type Chosen } from '@nolvex/core/draft/pattern'
import { patternById } from '@nolvex/core/draft/patterns'
import { placePieces } from '@nolvex/core/draft/placePieces'
import type { SectionContent } from '@nolvex/core/draft/sectionContent'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { menusInOrder } from '@nolvex/core/site/menuChanges'
import type { Section, SiteDocument } from '@nolvex/core/site/site'
import { skerrinCopy, type DemoSection } from './skerrinCopy'
import { pictureIds, PICTURE_SIZE } from './pictures'
import { pageId } from './skerrinPages'
import { isleField, isleRow, ISLES, noticeField, NOTICES } from './skerrinRows'
import { FOOTER, HEADER, NAME } from './sharedParts'

let made = 0
const newId = () => `drawn${String(made++).padStart(11, '0')}`

/** The drawings of the demo's pages but for the first one, which is drawn by hand: blocks by page. */
export function draftedPages(site: SiteDocument): Map<string, Block[]> {
  const sections = Object.values(site.records.sections)
  const common = (name: string) => sections.find((section) => !section.page && section.name === name)
  return new Map(
    Object.entries(skerrinCopy).map(([short, copy]) => {
      const page = pageId(short)
      const own = Object.entries(copy).flatMap(([name, says], index) => {
        const section = sections.find((one) => one.page === page && one.name === name)
        return drawn(site, section, name, says, index)
      })
      const copyOf = (name: string, shared: string, order: string): Block => {
        const data = { shared, isSection: true }
        return { id: newId(), order, kind: 'copy', name, section: common(name)?.id, data }
      }
      const blocks = [copyOf('Header', HEADER, 'a0'), ...withMainHeading(own), copyOf('Footer', FOOTER, 'b0')]
      return [page, allNamed(blocks)]
    }),
  )
}

/** A page that begins without a title has its first heading for it; what stands below that goes up a rank and looks the same. */
function withMainHeading(blocks: Block[]): Block[] {
  if (blocks.some(({ tag }) => tag === 'h1')) return blocks
  const [first, second = blocks.length] = blocks.flatMap(({ tag }, index) => (tag === 'h2' ? [index] : []))
  return blocks.map((block, index): Block => {
    if (index === first) return { ...block, tag: 'h1' }
    if (index > second || block.tag !== 'h3') return block
    return { ...block, tag: 'h2', look: { level: plainLevel('h3'), ...block.look } }
  })
}

function drawn(
  site: SiteDocument,
  section: Section | undefined,
  name: string,
  own: DemoSection,
  index: number,
): Block[] {
  const pattern = patternById(own.pattern)
  if (!pattern) throw new Error(`There is no pattern ${own.pattern}.`)
  const chosen: Chosen = { ...usualChoice(pattern), ...own.chosen }
  const piece = pattern.make(contentOf(site, name, own), chosen)
  const [top, ...below] = placePieces(piece, bandsOf(site), newId)
  const order = `a${(index + 1).toString(36).padStart(3, '0')}`
  const look = { ...top.look, ...sectionLook(own.pattern) }
  const named = { ...top, name, order, look, ...(section ? { section: section.id } : {}) }
  const pictures = [...(own.picture ? [own.picture] : []), ...(own.pictures ?? [])]
  return [named, ...below].map((block) => withData(block, own, pictures))
}

/** Titles stand on the evening sea, in the guide's dark set whatever the visitor prefers; what calls to act on a tint. */
function sectionLook(pattern: string): Block['look'] {
  if (pattern === 'call-to-action') return { fill: { role: 'tint', hex: '#eef1ef' } }
  if (pattern !== 'page-title') return undefined
  return {
    colourSet: 'dark',
    backdrop: {
      picture: { asset: pictureIds.evening, ...PICTURE_SIZE },
      focus: { x: 0.5, y: 0.62 },
      veil: { role: 'ground', hex: '#0f2630' },
      strength: 0.8,
    },
  }
}

/** What patterns leave to be said, as it is on all pages. */
const EVERYWHERE: Record<string, string> = {
  [STAND_IN.whereToAsk]:
    'Telephone: ring the ticket hut, and let it ring\nOpen: every day, 6:30 until the last boat is in\nWhere: the hut at the head of Skerrin pier',
}

/** Pictures, tables and words of a section as its copy has them. */
function withData(block: Block, own: DemoSection, pictures: string[]): Block {
  if (own.ofNotices && block.kind === 'series')
    return {
      ...block,
      data: { ...block.data, collection: NOTICES, by: noticeField('date'), isBackwards: true },
    }
  // Each notice leads to where the service has it.
  if (own.ofNotices && block.kind === 'link') return { ...block, live: true }
  const notice = own.ofNotices?.[block.text?.[0]?.insert ?? '']
  if (notice) {
    const { text, ...silent } = block
    return { ...silent, content: { field: noticeField(notice) } }
  }
  const field = own.ofIsle?.fields[block.text?.[0]?.insert ?? '']
  if (own.ofIsle && field) {
    const { text, ...silent } = block
    const row = isleRow(own.ofIsle.name)
    return { ...silent, content: { collection: ISLES, row, field: isleField(field) } }
  }
  const asked = block.kind === 'field' ? own.fields?.[String(block.data?.label)] : undefined
  if (asked) return { ...block, data: asked }
  const words = { ...EVERYWHERE, ...own.instead }[block.text?.[0]?.insert ?? '']
  if (words) return { ...block, text: [{ insert: words }] }
  if (own.cells && block.kind === 'table') return { ...block, data: { ...block.data, cells: own.cells } }
  const asset = block.kind === 'picture' ? pictures.shift() : undefined
  if (!asset) return block
  return { ...block, data: { file: { asset, ...PICTURE_SIZE }, alt: 'The isle from the boat' } }
}

function contentOf(site: SiteDocument, name: string, own: DemoSection): SectionContent {
  const { heading, text, parts = [], action = 'Find out more', to } = own
  const target = to ? { page: pageId(to) } : undefined
  return {
    name,
    page: heading,
    heading,
    text,
    parts: parts.map(([title, words]) => {
      const isle = { Orrel: 'orrel', Tansay: 'tansay', 'Little Hask': 'hask' }[title]
      return { title, text: words, to: isle ? { page: pageId(isle) } : target }
    }),
    action,
    to: target,
    siteName: NAME,
    menus: Object.fromEntries(menusInOrder(site.records.menus).map(({ id, kind }) => [kind, id])),
    icon: signFor,
  }
}
