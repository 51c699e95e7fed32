import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import { Key } from 'selenium-webdriver'
import type { Block } from '@nolvex/core/block/block'
import { readKit, writeKitFile, type PackedKit } from '@nolvex/core/formats/kitFile'
import { takenId } from '@nolvex/core/kit/kit'
import { expectEqual, expectTrue } from '../expect'
import { ROOT } from '../site'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const SHIPPED = join(ROOT, 'web/src/style/kits/shipped/quayside.zip')
const FARE = 'quayfarecard0000'

const folder = mkdtempSync(join(tmpdir(), 'nolvex-kit-'))
function written(name: string, bytes: Uint8Array | string): string {
  const path = join(folder, name)
  writeFileSync(path, bytes)
  return path
}

/** The kit that ships, a version on: the fare card says another fare. */
function newerKit(): string {
  const packed = readKit(unzipSync(readFileSync(SHIPPED)))
  const { kit } = packed
  const drawing = kit.drawings[FARE]
  const blocks = Object.fromEntries(
    Object.entries(drawing.records.blocks).map(([id, block]): [string, Block] => [
      id,
      block.name === 'Fare' ? { ...block, text: [{ insert: 'Evening return' }] } : block,
    ]),
  )
  const newer: PackedKit = {
    ...packed,
    kit: {
      ...kit,
      about: { ...kit.about, version: 2 },
      drawings: { ...kit.drawings, [FARE]: { ...drawing, records: { blocks } } },
    },
  }
  return written('quayside-2.zip', writeKitFile(newer))
}

/** A kit is looked through, a card of it is taken and put on a page; a newer kit brings its change; one is made. */
export const kits: Journey = {
  name: 'blocks of a kit are taken, followed and made',
  async run({ person, site }) {
    const style = async () => {
      await person.saved()
      return (await documentsOf(site, DEMO)).documents.style.records
    }
    const choose = async (path: string) => (await person.see('.side-list input[type=file]')).sendKeys(path)
    const tile = (id: string) => `[data-item="shared ${id}"]`
    const card = takenId('quaysidekit00000', FARE)

    await person.open(`${site.address}/projects/${DEMO}/style/kits`)
    await person.until('own blocks', async () => (await person.text('.kit-grid')).includes('16 copies'))
    await choose(written('notes.zip', 'only some notes'))
    await person.until('what is no kit is told', async () =>
      (await person.text('.side-list [role=alert]')).includes('cut off or is no zip'),
    )
    await person.press('Open Quayside')
    await person.see(`${tile(FARE)} svg`)

    // Found by typing, looked at as it would be here, and taken.
    await person.fill('[aria-label="Find by name"]', 'fare')
    await person.until('one of them', async () => (await person.all('.kit-tile')).length === 1)
    await person.click('.kit-grid')
    await person.keys(Key.ARROW_DOWN, Key.ENTER)
    await person.until('at 100 %', async () => (await person.text('.kit-block')).includes('100 %'))
    const inKit = await person.see('.kit-block svg').then((svg) => svg.getAttribute('innerHTML'))
    await person.choose('.kit-block [aria-label="Dressed"]', 'as it would look here')
    await person.until('dressed in the project’s guide', async () => {
      const now = await (await person.see('.kit-block svg')).getAttribute('innerHTML')
      return now !== null && now.length > 100 && now !== inKit
    })
    await person.press('Back to all')
    await person.keys(Key.SPACE)
    await person.until('what comes along', async () => {
      const words = await person.text('.side-panel')
      return words.includes('Badge') && words.includes('Signal yellow')
    })
    const before = await style()
    await person.press('Take it')
    await person.until('it is there', async () => card in (await style()).shared)
    const taken = await style()
    expectEqual(
      Object.keys(taken.tokens).length - Object.keys(before.tokens).length,
      1,
      'only the one token that was missing came along',
    )
    expectEqual(Object.keys(taken.parts).length, Object.keys(before.parts).length, 'and no part')
    await person.press('Undo')
    await person.until('one step takes it all back', async () => !(card in (await style()).shared))
    await person.press('Redo')
    await person.until('and brings it again', async () => card in (await style()).shared)

    // A newer kit says what it has, and copies follow.
    await choose(newerKit())
    await person.until('the newer one is told', async () =>
      (await person.text('.news')).includes('says “Evening return”, said “Day return”'),
    )
    await person.press('Take the newer Fare card')
    await person.until('it is taken', async () => {
      await person.saved()
      const { documents } = await documentsOf(site, DEMO)
      return JSON.stringify(documents[card]).includes('Evening return')
    })
    await person.until('and no longer news', async () => (await person.all('.news')).length === 0)

    // On the shelf it is like any other; in this project it says where it came from.
    await person.press('This project')
    await person.click(`${tile(card)} .shown`)
    await person.until('it follows its kit', async () =>
      (await person.text('.side-panel')).includes('Follows the kit Quayside, version 2'),
    )
    expectTrue((await person.text('.side-panel')).includes('0 copies'), 'and where it stands')
    await person.fill('[aria-label="Name"]', 'Harbour kit')
    await person.press('Save the kit')
    await person.until('a kit is made of it, to be told apart later', async () =>
      Object.values((await style()).kits).some(({ name, isOwn }) => name === 'Harbour kit' && isOwn),
    )
    await person.until('its next version is offered', async () =>
      (await person.text('.make')).includes('version 2'),
    )
  },
}
