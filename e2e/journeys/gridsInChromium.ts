import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { gridAt, type BandGrid } from '@nolvex/core/grid/bandGrid'
import { columnPositions } from '@nolvex/core/grid/columnGrid'
import { environmentOf, pageFontMeasures } from '@nolvex/core/layout/pageFont'
import { gridCss } from '@nolvex/core/markup/gridCss'
import type { Band } from '@nolvex/core/site/site'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { toPx } from '@nolvex/core/units/environment'
import { UNITS } from '@nolvex/core/units/length'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { WebDriver } from 'selenium-webdriver'
import { setViewport } from '../browser'
import { expectTrue } from '../expect'
import type { Journey } from './journey'

const require = createRequire(import.meta.url)
const css = (file: string) => readFileSync(require.resolve(file), 'utf8')

/** Shows HTML with a style sheet and reads the left edge and width of what a selector finds, without padding. */
const READ = `
const [css, html, selector] = arguments
document.head.replaceChildren()
document.body.innerHTML = html
const style = document.createElement('style')
style.textContent = 'body { margin: 0 }' + css
document.head.append(style)
return [...document.querySelectorAll(selector)].map((element) => {
  const { left, width } = element.getBoundingClientRect()
  const own = getComputedStyle(element)
  const inset = parseFloat(own.paddingLeft)
  return [left + inset, width - inset - parseFloat(own.paddingRight)]
})`

interface Case {
  name: string
  css: string
  html: string
  selector: string
  widths: number[]
  /** our grid at a window's width */
  grid: (width: number) => BandGrid
}

/** Twelve columns, each rounded to a 64th of a px. */
const ROUNDING = 12 / 64 + 0.01

const twelve = (one: string) => Array.from({ length: 12 }, () => one).join('')
const shared = (gutter: number, contentWidth: number | undefined, margin = 0): BandGrid => {
  return { columns: 12, gutter, margin, contentWidth, gutters: 'shared' }
}
const widest = (steps: [from: number, content: number][], width: number) =>
  steps.findLast(([from]) => width >= from)?.[1]

const cases = (): Case[] => [
  {
    name: 'bootstrap',
    css: css('bootstrap/dist/css/bootstrap.css'),
    html: `<div class="container"><div class="row">${twelve('<div class="col-1">a</div>')}</div></div>`,
    selector: '.col-1',
    widths: [560, 600, 800, 1000, 1250, 1500],
    grid: (width) =>
      shared(
        24,
        widest(
          [
            [576, 540],
            [768, 720],
            [992, 960],
            [1200, 1140],
            [1400, 1320],
          ],
          width,
        ),
      ),
  },
  {
    name: 'foundation-sites',
    css: css('foundation-sites/dist/css/foundation.css'),
    html: `<div class="grid-container"><div class="grid-x grid-margin-x">${twelve('<div class="cell small-1">a</div>')}</div></div>`,
    selector: '.cell',
    widths: [500, 700, 1100, 1440],
    grid: (width) => shared(width < 640 ? 20 : 30, 1200),
  },
  {
    name: 'bulma',
    css: css('bulma/css/bulma.css'),
    html: `<div class="container"><div class="columns is-mobile">${twelve('<div class="column is-1">a</div>')}</div></div>`,
    selector: '.column',
    widths: [1100, 1300, 1500],
    grid: (width) =>
      shared(
        24,
        (widest(
          [
            [1024, 960],
            [1216, 1152],
            [1408, 1344],
          ],
          width,
        ) ?? 0) + 24,
      ),
  },
]

const ours: Band[] = Object.values(usualSite.records.bands).map((band, index) => {
  const grids: BandGrid[] = [
    { ...band.grid, marginRight: 40 },
    { columns: 8, gutter: 20, margin: 24, columnWidth: 60.5 },
    { columns: 12, gutter: 24, margin: 64, contentWidth: 1312, gutters: 'shared' },
  ]
  return { ...band, grid: grids[index] }
})

/** Column positions of widely used CSS and of the CSS handed to developers, and lengths, as Chromium has them. */
export const gridsInChromium: Journey = {
  name: 'grids and units as Chromium lays them out',
  async run({ person }) {
    const { driver } = person
    await driver.get('about:blank')
    for (const one of cases())
      for (const width of one.widths) await compare(driver, one, width, one.grid(width))
    const bands = [...ours].sort((a, b) => a.from - b.from)
    const own: Omit<Case, 'widths' | 'grid'> = {
      name: 'our own CSS',
      css: gridCss(ours, usualBands.medium),
      html: `<div class="grid">${twelve('<div class="one">a</div>')}</div>`,
      selector: '.one',
    }
    for (const width of [360, 679, 680, 900, 1119, 1120, 1440, 1900]) {
      const band = bands.findLast(({ from }) => width >= from) as Band
      await compare(driver, own, width, band.grid)
    }
    await checkUnits(driver)
  },
}

async function compare(
  driver: WebDriver,
  { name, css: sheet, html, selector }: Omit<Case, 'widths' | 'grid'>,
  width: number,
  grid: BandGrid,
) {
  await setViewport(driver, width, 700)
  const read = await driver.executeScript<[number, number][]>(READ, sheet, html, selector)
  columnPositions(gridAt(grid, width)).forEach((column, index) => {
    const [left, own] = read[index]
    const isSame = Math.abs(left - column.left) < ROUNDING && Math.abs(own - column.width) < ROUNDING
    expectTrue(
      isSame,
      `${name} at ${width}: column ${index + 1} stands at ${left}, ${own} wide; ours at ${column.left}, ${column.width}`,
    )
  })
}

/** Every unit in nested fonts at a root of 62.5 %: CSS Values and Units Level 4, through getComputedStyle. */
async function checkUnits(driver: WebDriver) {
  await setViewport(driver, 1000, 600)
  const library = shippedFontLibrary()
  const environment = { ...environmentOf(62.5), viewportWidth: 1000, viewportHeight: 600 }
  // 62.5 % of 16 px is 10 px, and 1.2 em of it 12 px.
  const font = pageFontMeasures(library, environment, 12)
  const read = await driver.executeScript<Record<string, number>>(
    `
document.head.innerHTML = ''
document.documentElement.style.fontSize = '62.5%'
document.body.style.fontSize = '1.2em'
const found = { font: parseFloat(getComputedStyle(document.body).fontSize) }
document.body.innerHTML = '<div style="width:640px"><p style="margin:0"></p></div>'
for (const unit of arguments[0]) {
  const p = document.querySelector('p')
  p.style.width = '7.5' + unit
  found[unit] = parseFloat(getComputedStyle(p).width)
}
document.documentElement.style.fontSize = document.body.style.fontSize = ''
return found`,
    UNITS,
  )
  expectTrue(read.font === 12, `1.2 em of 62.5 % is ${read.font} px`)
  // ex and ch go by the font's own figures, which a page without our fonts does not have.
  for (const unit of UNITS.filter((one) => one !== 'ex' && one !== 'ch')) {
    const own = toPx({ value: 7.5, unit }, environment, font, 640)
    expectTrue(Math.abs(own - read[unit]) < 0.02, `7.5${unit} is ${read[unit]} px, ours ${own}`)
  }
}
