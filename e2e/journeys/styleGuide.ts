import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import { nameTable, readTables, writeTables } from '@nolvex/server/fonts/sfnt'
import { shippedFontPath } from '@nolvex/server/fonts/shippedFonts'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const EMPTY = 'emptyproject0000'
const DEMO = 'skerrinferries00'

interface StyleRecords {
  tokens: Record<string, { name: string; type: string; value: unknown; role?: string }>
  levels: Record<string, { role?: string; family: string; size: { value: number }; fluid?: unknown }>
  parts: Record<string, { kind: string; variant?: string; look?: { fill?: unknown } }>
}

function written(name: string, bytes: Uint8Array): string {
  const path = join(mkdtempSync(join(tmpdir(), 'nolvex-')), name)
  writeFileSync(path, bytes)
  return path
}

/** A face nobody ships: one that is shipped, under another name. */
function ownFace(): string {
  const lora = fontCatalogue.find(({ family }) => family === 'Lora') ?? fontCatalogue[0]
  const bytes = readFileSync(shippedFontPath(lora))
  return written(
    'quay.ttf',
    writeTables(bytes, new Map(readTables(bytes)).set('name', nameTable('Quay Serif', 400, false))),
  )
}
const noFont = () => written('notes.ttf', Buffer.from('Only some notes.'))

/** A new project gets a guide from a few decisions; on the demo one colour changes every page, and parts are tried. */
export const styleGuide: Journey = {
  name: 'a style guide is decided, tried and approved',
  async run({ person, site }) {
    const records = async (project: string) => {
      await person.saved()
      return (await documentsOf(site, project)).documents.style.records as unknown as StyleRecords
    }
    const tokenNamed = async (project: string, name: string) =>
      Object.values((await records(project)).tokens).find((token) => token.name === name)

    // The quick start.
    await person.open(`${site.address}/projects/${EMPTY}/style`)
    await person.until('proposals at work', async () => (await person.all('.guide-page')).length === 4)
    await person.fill('[aria-label="Main colour"]', 'rgb(138 45 59)')
    await person.fill('[aria-label="Text size, px"]', '18')
    await person.press('Take it all')
    await person.until('a whole guide', async () => {
      const { tokens, parts } = await records(EMPTY)
      return Object.keys(tokens).length > 30 && Object.keys(parts).length > 30
    })
    expectEqual((await tokenNamed(EMPTY, 'Main'))?.value, '#8a2d3b', 'the typed colour is the main one')

    // Everything of it passes; a change by hand that does not is told, and mended.
    await person.open(`${site.address}/projects/${EMPTY}/style/colour`)
    await person.until('all pairs pass', async () =>
      (await person.text('.guide-board')).includes('all of them pass'),
    )
    await person.fill('[aria-label="Soft text: value"]', '#d6d6d6')
    await person.until('it fails', async () => (await person.text('.guide-board')).includes('fail'))
    await person.until('a colour that passes is offered', async () =>
      (await person.text('.sorted-table')).includes('Make it #'),
    )
    const before = await person.text('.guide-board .fails')
    await person.press('Make it #')
    await person.until('one pair fewer fails', async () => {
      const now = (await person.all('.guide-board p .fails')).length
        ? await person.text('.guide-board p .fails')
        : 'none'
      return now !== before
    })
    await person.fill('[aria-label="Main: value"]', 'no colour at all')
    await person.until('nonsense is refused in words', async () =>
      (await person.text('.guide-board')).includes('is no colour'),
    )

    // Type and space in one row each.
    await person.open(`${site.address}/projects/${EMPTY}/style/type`)
    await person.fill('[aria-label="Sizes in a row, px"]', '14/18/24/64')
    await person.until('levels have these sizes', async () => {
      const { levels } = await records(EMPTY)
      const sizeOf = (role: string) => Object.values(levels).find((level) => level.role === role)?.size.value
      return [sizeOf('small'), sizeOf('p'), sizeOf('h2'), sizeOf('h1')].join() === '14,18,24,64'
    })
    // A face of one's own, from a file.
    await (await person.see('input[aria-label="Add font files"]')).sendKeys(ownFace())
    await person.until(
      'the face is there',
      async () => (await person.all('[data-family="Quay Serif"]')).length === 1,
    )
    await person.choose('[data-level="Heading 1"] .family', 'Quay Serif')
    await person.until('a level is set in it', async () => {
      const { levels } = await records(EMPTY)
      return Object.values(levels).some(({ family }) => family === 'Quay Serif')
    })
    const guide = await exported(site, EMPTY, {
      format: 'guide',
      file: 'pdf',
      paper: 'A4',
      date: '2026-01-02',
    })
    expectTrue(new TextDecoder('latin1').decode(guide).includes('QuaySerif'), 'the sheets have it in them')
    await (await person.see('input[aria-label="Add font files"]')).sendKeys(noFont())
    await person.until('what is no font is said', async () =>
      (await person.text('.guide-board')).includes('is no font'),
    )

    await person.open(`${site.address}/projects/${EMPTY}/style/space`)
    await person.fill('[aria-label="Gaps in a row, px"]', '4 8 16 32 64')
    await person.until('gaps are these', async () => {
      const space = await tokenNamed(EMPTY, 'space-l')
      return (space?.value as { value: number }).value === 32
    })

    // Versions of a button side by side, of which one is taken.
    await person.open(`${site.address}/projects/${DEMO}/style/parts`)
    await person.see('.part-specimen')
    await person.press('Try several versions')
    await person.until('versions on real words', async () => (await person.all('[data-trial]')).length >= 5)
    await person.click('[data-trial=Round] button')
    await person.until('it is taken', async () => {
      const { parts } = await records(DEMO)
      const button = Object.values(parts).find(({ kind, variant, ...rest }) => {
        return kind === 'button' && variant === undefined && !('state' in rest)
      })
      return JSON.stringify(button?.look).includes('999')
    })
    await person.press('Undo')

    // One colour changed, every page follows: the drawing, and what leaves.
    await person.open(`${site.address}/projects/${DEMO}/style/colour`)
    await person.until('the page at work', async () =>
      (
        (await person.driver.executeScript(
          'return document.querySelector(".guide-page")?.innerHTML ?? ""',
        )) as string
      ).includes('#14506b'),
    )
    await person.fill('[aria-label="Main: value"]', '#6b1450')
    await person.until('it is painted anew', async () =>
      (
        (await person.driver.executeScript(
          'return document.querySelector(".guide-page").innerHTML',
        )) as string
      ).includes('#6b1450'),
    )
    await person.saved()
    const sheet = { format: 'guide', file: 'svg', paper: 'A4', date: '2026-01-02' }
    await person.open(`${site.address}/projects/${DEMO}/style/sheet`)
    await person.until('sheets', async () => (await person.all('.sheet-picture')).length >= 4)
    await person.fill('.side-panel input[placeholder^="names"]', 'Ada, Bo')
    await person.until('approved', async () =>
      (await person.text('.side-panel')).includes('Nothing changed since'),
    )
    const files = new TextDecoder('latin1').decode(await exported(site, DEMO, sheet))
    expectTrue(files.length > 1000, 'the sheets leave')
    await person.open(`${site.address}/projects/${DEMO}/style/colour`)
    await person.fill('[aria-label="Second: value"]', '#222222')
    await person.until('the stage line says it changed', async () =>
      (await person.text('.stages')).includes('changed since'),
    )

    // What drawings use without a token becomes one in a step.
    await person.open(`${site.address}/projects/${DEMO}/style/loose`)
    await person.see('.sorted-table .row')
    await person.press('Make ')
    await person.until('nothing is left', async () =>
      (await person.text('.guide-board')).includes('Nothing: every colour'),
    )
    await person.press('Undo')
    await person.until('undo gives it back', async () => (await person.all('.sorted-table .row')).length > 1)
  },
}
