import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { expectTrue } from '../expect'
import { ROOT } from '../site'
import { axeFindings } from './axeFindings'
import { openBuiltOtherwise } from './builtOtherwise'
import type { Journey } from './journey'
import { openWidthsGoneWrong } from './widthsGoneWrong'

const DEMO = '/projects/skerrinferries00'

const HOME = `${DEMO}/wireframe/pagehome00000000`
const press = (key: string) => `dispatchEvent(new KeyboardEvent('keydown', { key: '${key}' }))`
const choose = (block: string, isAdded = false) =>
  `[...document.querySelectorAll('[data-outline]')].find((one) => one.querySelector('.called').textContent === '${block}')
     .dispatchEvent(new MouseEvent('click', { bubbles: true, shiftKey: ${isAdded} }))`

const views: [name: string, path: string, ready: string, prepare?: string][] = [
  ['projects', '/', '.card h2'],
  ['ledger', DEMO, '.picture img'],
  ['map', `${DEMO}/map`, '.card'],
  ['map-table', `${DEMO}/map/table`, '.rows .row', `document.querySelectorAll('.rows .row')[1].click()`],
  ['map-menus', `${DEMO}/map/menus`, '[data-menu] li'],
  ['map-journeys', `${DEMO}/map/journeys`, '.journey li'],
  ['map-content', `${DEMO}/map/content`, '.rows .row'],
  ['map-brief', `${DEMO}/map/brief`, '.brief'],
  ['map-findings', `${DEMO}/map/findings`, '.board section'],
  [
    'wireframe',
    `${DEMO}/wireframe`,
    '.drawing g',
    `[...document.querySelectorAll('[data-outline]')].find(b => b.textContent.includes('Intro')).click()`,
  ],
  [
    'sketch',
    `${DEMO}/wireframe/pagetansay000000`,
    '.drawing g',
    `document.querySelector('input[value=sketch]').click()`,
  ],
  [
    'narrow',
    `${DEMO}/wireframe/pagetansay000000`,
    '.drawing g',
    `document.querySelector('input[value=plain]').click(); dispatchEvent(new KeyboardEvent('keydown', { key: '1' }))`,
  ],
  [
    'series',
    `${DEMO}/wireframe/pagehome00000000`,
    '.drawing g',
    `[...document.querySelectorAll('[data-outline]')].find(b => b.textContent.includes('Sailing') && b.textContent.includes('box')).click()`,
  ],
  [
    'several',
    HOME,
    '.drawing g',
    `${choose('Headline')}; ${choose('Intro', true)}; ${choose('Find a sailing', true)}; ${press('z')}`,
  ],
  ['spacing', HOME, '.drawing g', `${choose('Next sailings')}; ${press('j')}; ${press('z')}`],
  ['trueup', HOME, '.drawing g', `${press('j')}; ${press('t')}`],
  ['bands', HOME, '.drawing g', `${press('v')}; ${choose('Orrel')}`],
  ['review', `${DEMO}/review`, '[data-rule=offScale]'],
  ['review-time', `${DEMO}/review/time`, '.over-time td'],
  ['review-rules', `${DEMO}/review/rules`, '.rules [data-rule=offScale]'],
  ['built', `${DEMO}/review/built`, 'input[aria-label="Built page"]', openBuiltOtherwise('skerrinferries00')],
  [
    'finding',
    `${DEMO}/review`,
    '[data-rule=offScale]',
    `document.querySelector('[data-rule=offScale] .says').click()`,
  ],
  [
    'eye',
    `${DEMO}/mockup/pagehome00000000`,
    '.drawing g',
    `dispatchEvent(new KeyboardEvent('keydown', { key: 'y', altKey: true }))`,
  ],
  [
    'patterns',
    `${DEMO}/wireframe/pagefares0000000`,
    '.drawing g',
    `[...document.querySelectorAll('.ways button')][0].click()`,
  ],
  ['walkthrough', `${DEMO}/walkthrough`, '.window.loaded'],
  ['handoff', `${DEMO}/handoff`, '.handoff section'],
  ['grid', `${DEMO}/grid`, '.equation'],
  ['grid-guides', `${DEMO}/grid/guides`, '.guide-sheet svg'],
  ['grid-screens', `${DEMO}/grid/screens`, 'figure svg'],
  ['grid-audience', `${DEMO}/grid/audience`, '.audience-chart svg'],
  ['grid-sizing', `${DEMO}/grid/sizing`, '.windows section svg'],
  ['grid-found', `${DEMO}/grid/found`, '.invitation'],
  ['grid-agreement', `${DEMO}/grid/agreement`, '.sheet-picture'],
  ['style-start', `${DEMO}/style/start`, '.guide-page'],
  ['style-colour', `${DEMO}/style/colour`, '.guide-page'],
  ['style-type', `${DEMO}/style/type`, '.specimen'],
  ['style-space', `${DEMO}/style/space`, '[data-token]'],
  ['style-parts', `${DEMO}/style/parts`, '.part-specimen'],
  ['style-loose', `${DEMO}/style/loose`, '.guide-board'],
  ['style-marks', `${DEMO}/style/marks`, '[data-mark] img'],
  ['style-mood', `${DEMO}/style/mood`, '[data-mood] img'],
  [
    'style-kits',
    `${DEMO}/style/kits`,
    '.side-list',
    `[...document.querySelectorAll('button')].find(b => b.textContent.includes('Open Quayside')).click()`,
  ],
  ['style-sheet', `${DEMO}/style/sheet`, '.sheet-picture'],
  ['mockup', `${DEMO}/mockup/pagehome00000000`, '.drawing g', choose('Intro')],
  [
    'states',
    `${DEMO}/mockup/pagefares0000000`,
    '.drawing g',
    `${choose('Take this')}; setTimeout(() => [...document.querySelectorAll('.particulars .state button')].at(-1).click(), 200);
     setTimeout(() => [...document.querySelectorAll('.panel button')].at(-1).click(), 400)`,
  ],
  [
    'skeleton',
    `${DEMO}/mockup/pagehome00000000`,
    '.drawing g',
    `dispatchEvent(new KeyboardEvent('keydown', { key: 'x', altKey: true }))`,
  ],
  ['board', `${DEMO}/boards`, '.board-picture'],
  ['artwork', `${DEMO}/artwork`, '.in-front'],
  ['live', `${DEMO}/live/pagehome00000000`, '.drawing g'],
  // The last: it changes the page.
  ['sweep', `${DEMO}/mockup/pagehome00000000`, '.drawing g', openWidthsGoneWrong('skerrinferries00')],
]

/** Views the docs show no picture of. */
const UNPICTURED = [
  ...['trueup', 'patterns', 'review-time', 'review-rules'],
  ...['map-findings', 'map-table', 'map-journeys', 'map-menus', 'map-brief'],
  ...['grid-found', 'grid-sizing', 'grid-guides', 'grid-screens', 'grid-audience', 'live'],
  ...['projects', 'style-parts', 'spacing', 'style-kits', 'map-content', 'style-sheet'],
  ...[
    'several',
    'style-space',
    'style-loose',
    'style-type',
    'style-marks',
    'style-mood',
    'series',
    'narrow',
    'grid-agreement',
    'style-start',
  ],
]

/** Every main view passes axe without a serious finding, logs no error, and can be pictured for the docs. */
export const looksAndAccess: Journey = {
  name: 'the views themselves',
  async run({ person, site }) {
    const { driver } = person
    const folder = process.env.SCREENSHOTS && join(ROOT, 'docs/screenshots')
    if (folder) mkdirSync(folder, { recursive: true })
    for (const [name, path, ready, prepare] of views) {
      await person.open(site.address + path)
      await person.see(ready)
      if (prepare) await driver.executeScript(`return (async () => { ${prepare} })()`)
      await driver.sleep(700)
      if (folder && !UNPICTURED.includes(name))
        writeFileSync(join(folder, `${name}.png`), await driver.takeScreenshot(), 'base64')
      const findings = await axeFindings(driver)
      expectTrue(findings.length === 0, `${name} has no serious finding: ${findings.join('; ')}`)
    }
    const logs = await driver.manage().logs().get('browser')
    const errors = logs.filter(({ level }) => level.name === 'SEVERE').map(({ message }) => message)
    expectTrue(errors.length === 0, `nothing is refused or thrown: ${errors.join('; ')}`)
  },
}
