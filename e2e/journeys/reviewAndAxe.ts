import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import type { Documents } from '@nolvex/core/document/types'
import { pageHtml } from '@nolvex/core/markup/pageHtml'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, resolveAllBands } from '@nolvex/core/resolve/resolvePage'
import type { Sketch } from '@nolvex/core/testing/draft'
import { REVIEWED, reviewed, reviewedProject } from '@nolvex/core/testing/reviewed'
import { px } from '@nolvex/core/units/length'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { setViewport } from '../browser'
import { expectEqual } from '../expect'
import { axeRulesBroken } from './axeFindings'
import type { Journey } from './journey'

const says = (words: string) => [{ insert: words }]
/** Words on white, in the dark set, too: axe sees the light one alone. */
const text = (name: string, colour: string): Sketch => ({
  ...{ kind: 'box', name: `${name}ground` },
  look: { colourSet: 'light', fill: { hex: '#ffffff' } },
  arrange: { padding: { top: px(16), right: px(16), bottom: px(16), left: px(16) } },
  holds: [
    {
      ...{ kind: 'text', name, text: says('Boats leave every hour.') },
      look: { colour: { hex: colour } },
    },
  ],
})
const heading = (name: string, rank: number): Sketch => ({
  ...{ kind: 'text', name, text: says(name), tag: `h${rank}` as 'h1' },
})
const small = (name: string): Sketch => ({
  ...{ kind: 'button', name, text: says('+') },
  arrange: { padding: { top: px(0), right: px(0), bottom: px(0), left: px(0) } },
  place: { width: px(16), height: px(16) },
})
const row = (gap: number, ...holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name: 'row', holds },
  arrange: { type: 'row', gap: px(gap) },
})
const page = (...holds: Sketch[]): Sketch[] => [
  {
    ...{ kind: 'section', name: 'main', holds },
    arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) } },
  },
]
const title = heading('fares', 1)

/**
 * Pages with one fault and the same where it is just none, by our rule and by that of axe-core, which looks at the
 * HTML of the page in Chromium.
 */
const CASES: { ours: string; axes: string; fault: Sketch[]; miss: Sketch[] }[] = [
  {
    ...{ ours: 'textContrast', axes: 'color-contrast' },
    fault: page(title, text('pale', '#787878')),
    miss: page(title, text('pale', '#767676')),
  },
  {
    ...{ ours: 'targetSize', axes: 'target-size' },
    fault: page(title, row(4, small('less'), small('more'))),
    miss: page(title, row(8, small('less'), small('more'))),
  },
  {
    ...{ ours: 'headingOrder', axes: 'heading-order' },
    fault: page(title, heading('deep', 4)),
    miss: page(title, heading('deep', 2)),
  },
  {
    ...{ ours: 'mainHeading', axes: 'page-has-heading-one' },
    fault: page(heading('only', 2)),
    miss: page(heading('only', 1)),
  },
  {
    ...{ ours: 'fieldLabel', axes: 'label' },
    fault: page(title, { kind: 'field', name: 'name', data: { label: '' } }),
    miss: page(title, { kind: 'field', name: 'name', data: { label: 'Name' } }),
  },
]

export const reviewAndAxe: Journey = {
  name: 'review agrees with axe',
  async run({ person: { driver } }) {
    const library = shippedFontLibrary()
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      for (const { ours, axes, fault, miss } of CASES)
        for (const [sketches, isFault] of [
          [fault, true],
          [miss, false],
        ] as const) {
          const documents = reviewedProject(sketches)
          const own = reviewed(documents, library).some(({ rule }) => rule === ours)
          writeFileSync(join(folder, 'page.html'), htmlOf(documents))
          await driver.get(pathToFileURL(join(folder, 'page.html')).href)
          const broken = await axeRulesBroken(driver)
          const of = `${ours} and ${axes} on ${isFault ? 'a fault' : 'what is just none'}`
          expectEqual([own, broken.includes(axes)], [isFault, isFault], of)
        }
    } finally {
      rmSync(folder, { recursive: true })
      await setViewport(driver, 1280, 800)
    }
  },
}

function htmlOf(documents: Documents): string {
  const sources = pageSources(documents, REVIEWED)
  const { inOrder: bands, lead } = bandsOf(sources.site)
  const pages = resolveAllBands(sources, 'mockup')
  return pageHtml({
    bands,
    lead,
    pages,
    title: 'Fares',
    language: 'en',
    fonts: [],
    pictureAddress: () => 'data:,',
  })
}
