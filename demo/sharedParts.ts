import type { Block } from '@nolvex/core/block/block'
import { allNamed } from '@nolvex/core/draft/draftPage'
import { STAND_IN } from '@nolvex/core/draft/standIns'
import { signFor } from '@nolvex/core/draft/draftIcons'
import { usualChoice, type Chosen } from '@nolvex/core/draft/pattern'
import { patternById } from '@nolvex/core/draft/patterns'
import { placePieces } from '@nolvex/core/draft/placePieces'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { menusInOrder } from '@nolvex/core/site/menuChanges'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { Shared } from '@nolvex/core/style/shared'

/** What every page of the demo begins and ends with: drawn once, and copied. */
export const HEADER = 'sharedheader0000'
export const FOOTER = 'sharedfooter0000'
export const NAME = 'Skerrin Ferries'

const PARTS: { id: string; name: string; pattern: string; chosen: Chosen }[] = [
  { id: HEADER, name: 'Header', pattern: 'header-utility', chosen: { stays: true } },
  { id: FOOTER, name: 'Footer', pattern: 'footer', chosen: { columns: 3 } },
]

/** The guide's dark set, whatever the visitor prefers. */
const DEEP_WATER: Block['look'] = { colourSet: 'dark', fill: { role: 'tint', hex: '#0f2630' } }

/** The shared blocks of the demo, each with its record and the blocks of its original. */
export function sharedParts(site: SiteDocument): { shared: Shared; blocks: Block[] }[] {
  const menus = Object.fromEntries(menusInOrder(site.records.menus).map(({ id, kind }) => [kind, id]))
  const sections = Object.values(site.records.sections)
  let made = 0
  return PARTS.map(({ id, name, pattern: wanted, chosen }, index) => {
    const pattern = patternById(wanted)
    if (!pattern) throw new Error(`There is no pattern ${wanted}.`)
    const content = { name, page: NAME, heading: NAME, text: '', parts: [], action: '', siteName: NAME }
    const piece = pattern.make({ ...content, menus, icon: signFor }, { ...usualChoice(pattern), ...chosen })
    const blocks = placePieces(piece, bandsOf(site), () => `common${String(made++).padStart(10, '0')}`)
    const section = sections.find((one) => !one.page && one.name === name)?.id
    const who = blocks.find(({ text }) => text?.[0]?.insert === STAND_IN.whoRunsIt)
    if (who) who.text = [{ insert: 'Six people, four boats and a dog. The hut at the head of Skerrin pier.' }]
    if (id === FOOTER) blocks[0] = { ...blocks[0], look: DEEP_WATER }
    return { shared: { id, order: `a${index}`, name, root: blocks[0].id, section }, blocks: allNamed(blocks) }
  })
}
