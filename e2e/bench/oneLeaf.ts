import type { WebDriver } from 'selenium-webdriver'
import { applyChange } from '@nolvex/core/document/apply'
import type { Documents, Json } from '@nolvex/core/document/types'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { PageResolver, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { pageOf } from './benchPage'
import { openInChromium } from './layoutPeers'
import { median, ms, timed } from './timing'

const WARM_UP = 30
const ROUNDS = 60
const environment = { ...usualEnvironment, viewportWidth: 1440 }

/** The gap of one card changed, which moves all below it: by us, tree and boxes, and by Chromium, style and reflow. */
export async function compareOneLeaf(driver: WebDriver, count: number): Promise<void> {
  let sources = pageOf(count)
  const card = Object.values(sources.drawing.records.blocks).find(({ arrange }) => arrange?.padding)?.id ?? ''
  const [resolver, layouter] = [new PageResolver(), new PageLayouter(shippedFontLibrary())]
  const relayout = () => layouter.layout(resolver.resolve(sources, usualBands.wide), environment)
  const whole = timed(relayout)
  await openInChromium(driver, sources)
  const [own, chromium]: number[][] = [[], []]
  for (let round = 0; round < WARM_UP + ROUNDS; round++) {
    const gap = 8 + (round % 7)
    sources = withGap(sources, card, gap)
    const took = timed(relayout)
    const peer = await reflowAfter(driver, card, gap)
    if (round < WARM_UP) continue
    own.push(took)
    chromium.push(peer)
  }
  console.log(
    `one leaf of ${count} blocks: ${ms(median(own))}, ${(median(chromium) / median(own)).toFixed(1)} times as fast as Chromium’s reflow after it, 1/${Math.round(whole / median(own))} of the first layout`,
  )
}

function withGap(sources: PageSources, id: string, gap: number): PageSources {
  const { drawing } = sources
  const operations = [
    {
      type: 'set' as const,
      collection: 'blocks',
      id,
      path: ['arrange', 'gap'],
      value: px(gap) as unknown as Json,
    },
  ]
  const documents = { [drawing.id]: drawing } as unknown as Documents
  const applied = applyChange(documentKinds, documents, [
    { document: drawing.id, kind: 'drawing', operations },
  ])
  return { ...sources, drawing: applied.documents[drawing.id] as unknown as PageSources['drawing'] }
}

const reflowAfter = (driver: WebDriver, key: string, gap: number) =>
  driver.executeScript<number>(
    `const card = document.querySelector('[data-key="' + arguments[0] + '"]')
    const last = document.body.lastElementChild; last.getBoundingClientRect()
    const started = performance.now()
    card.style.gap = arguments[1] + 'px'; last.getBoundingClientRect()
    return performance.now() - started`,
    key,
    gap,
  )
