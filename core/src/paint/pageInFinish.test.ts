import type { Block } from '../block/block'
import { contrastRatio } from '../colour/contrast'
import { alphaOf } from '../colour/spaces'
import { resolvePage } from '../resolve/resolvePage'
import { usualBands, usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf, idOf } from '../testing/draft'
import { section, text } from '../testing/sketches'
import { pageInFinish } from './pageInFinish'
import { plainFinish } from './plainFinish'

test('grounds come out in greys of their lightness, and words on them stay readable whatever they were', () => {
  const pine = { hex: '#14382f' }
  const blocks: Block[] = blocksOf([
    section('dark', [text('dark on dark', { look: { colour: { hex: '#101010' } } })], {
      look: { fill: pine },
    }),
    section('open', [text('on the page')]),
  ])
  const records = { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) }
  const drawing = { kind: 'drawing' as const, id: idOf('page'), schema: 2, records }
  const page = resolvePage({ drawing, site: usualSite, style: plainStyle }, usualBands.wide)
  const { children } = pageInFinish(page, plainFinish)
  const [dark, open] = children
  expect(dark.look.fill).toBe('#39433f')
  expect(contrastRatio(dark.children[0].look.colour, dark.look.fill as string)).toBeGreaterThan(4.5)
  expect(open.look.fill).toBeUndefined()
  expect(open.children[0].look.colour).toBe('#2b3330')
  expect(page.children[0].look.fill).toBe('#14382f')
})

test('a picture behind words is grey and pale in a wireframe, and words on it are set for the ground', () => {
  const picture = { asset: 'sea0000000000000', width: 1600, height: 900 }
  const blocks: Block[] = blocksOf([
    section('hero', [text('above the sea')], { look: { fill: { hex: '#14382f' }, backdrop: { picture } } }),
  ])
  const records = { blocks: Object.fromEntries(blocks.map((block) => [block.id, block])) }
  const drawing = { kind: 'drawing' as const, id: idOf('page'), schema: 2, records }
  const page = resolvePage({ drawing, site: usualSite, style: plainStyle }, usualBands.wide)
  const [{ look }] = pageInFinish(page, plainFinish).children
  expect(look.backdrop).toMatchObject({ asset: picture.asset, isGrey: true })
  expect(alphaOf(look.backdrop?.veil as string)).toBeGreaterThan(0.5)
})
