import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, unzipSync } from 'fflate'
import sharp from 'sharp'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const EMPTY = 'emptyproject0000'
const WINE = '#7a2e3a'

const folder = mkdtempSync(join(tmpdir(), 'nolvex-shop-'))
const file = (name: string, bytes: Buffer | string) => {
  writeFileSync(join(folder, name), bytes)
  return join(folder, name)
}
const logo = () =>
  file(
    'logo.svg',
    `<svg xmlns="http://www.w3.org/2000/svg" width="240" height="80"><rect width="80" height="80" fill="${WINE}"/><rect x="96" y="30" width="140" height="20" fill="${WINE}"/></svg>`,
  )
const picture = (background: string) =>
  sharp({ create: { width: 400, height: 300, channels: 3, background } })

interface StyleRecords {
  tokens: Record<string, { name: string; value: unknown; role?: string }>
  marks: Record<string, { name: string; use: string; clear?: number }>
  moods: Record<string, { note?: string; colours?: string[] }>
}

/** A small shop's guide from its logo and two pictures, one of them meant for print; approved, and sent. */
export const guideForShop: Journey = {
  name: 'a guide for a small shop, from its logo and two pictures',
  async run({ person, site }) {
    const records = async () => {
      await person.saved()
      return (await documentsOf(site, EMPTY)).documents.style.records as unknown as StyleRecords
    }

    await person.open(`${site.address}/projects/${EMPTY}/style/marks`)
    await (await person.see('input[aria-label="Add logos"], input[type=file]')).sendKeys(logo())
    await person.until('the logo is there', async () => (await person.all('[data-mark] img')).length > 0)
    await person.fill('[aria-label="Clear round it, % of its height"]', '25')

    await person.open(`${site.address}/projects/${EMPTY}/style/mood`)
    const bread = file('bread.jpg', await picture('#b5702f').jpeg().toBuffer())
    const front = file(
      'front.jpg',
      await picture('#31473f').toColourspace('cmyk').withIccProfile('cmyk').jpeg().toBuffer(),
    )
    await (await person.see('input[type=file]')).sendKeys(`${bread}\n${front}`)
    await person.until(
      'both with their colours',
      async () => (await person.all('[data-mood] .colour')).length >= 2,
    )
    await person.until('it is said that one was meant for print', async () =>
      (await person.text('body')).includes('was in CMYK'),
    )
    await person.fill('[data-mood] textarea', 'Warm, from the oven.')
    await person.click('[data-mood] .colour')
    await person.until('a colour of it is a token', async () =>
      Object.values((await records()).tokens).some(({ value }) => /^#b[45]/.test(String(value))),
    )

    await person.open(`${site.address}/projects/${EMPTY}/style/start`)
    await person.click(`[aria-label="Main colour ${WINE}"]`)
    await person.press('Take it all')
    await person.until('the guide is made of it', async () =>
      Object.values((await records()).tokens).some(({ name, value }) => name === 'Main' && value === WINE),
    )
    const { tokens, marks, moods } = await records()
    expectTrue(
      Object.values(tokens).every(({ name }) => !['Ink', 'Soft ink', 'Paper', 'Accent'].includes(name)),
      'colours of before that nothing names are gone',
    )
    expectEqual(
      Object.values(marks).map(({ use, clear }) => [use, clear]),
      [['logo', 25]],
      'the logo keeps its room',
    )
    expectTrue(
      Object.values(moods).some(({ note }) => note === 'Warm, from the oven.'),
      'the note is kept',
    )

    await person.open(`${site.address}/projects/${EMPTY}/style/sheet`)
    await person.until('a sheet shows the logo and the mood', async () =>
      (await person.text('.sheets')).includes('25 % of its height clear round it'),
    )
    await person.fill('.side-panel input[placeholder^="names"]', 'Ada')
    await person.until('approved', async () =>
      (await person.text('.side-panel')).includes('Nothing changed since'),
    )
    const zip = await exported(site, EMPTY, {
      format: 'guide',
      file: 'html',
      paper: 'A4',
      date: '2026-01-02',
    })
    const html = strFromU8(unzipSync(zip)['style-guide.html'])
    expectTrue(html.includes('download="logo.svg"'), 'the logo can be kept from what is sent')
    expectTrue(html.includes('Approved by Ada'), 'and who approved it is told')
  },
}
