import { strFromU8, unzipSync } from 'fflate'
import { Key } from 'selenium-webdriver'
import sharp from 'sharp'
import { setViewport } from '../browser'
import { expectEqual, expectTrue } from '../expect'
import type { Person } from '../person'
import type { Site } from '../site'
import { documentsOf, type Journey } from './journey'

const LIST = 'Home\n\tMenu\n\t\tBreakfast\n\tFind us\n'

/** From a pasted list of pages to a drawn page that leaves as SVG, PNG, HTML and sitemap.xml. */
export const thinSlice: Journey = {
  name: 'from a list of pages to files that leave',
  async run({ person, site }) {
    await person.open(site.address)
    await person.fill('#new-project', 'Corner bakery')
    await person.see('.stage .invitation')
    const project = (await person.driver.getCurrentUrl()).split('/').at(-2) as string

    await person.press('Bring in a list…')
    await (await person.see('.halves textarea')).sendKeys('x')
    await person.paste('.halves textarea', LIST)
    await person.press('Add 4 pages')
    await person.until('four cards', async () => (await person.all('.card')).length === 4)

    await person.driver.executeScript(
      `[...document.querySelectorAll('.card')].find(c => c.textContent.includes('Home')).click()`,
    )
    await person.open(`${site.address}/projects/${project}/wireframe`)
    await person.press('Put a section')
    for (const item of ['heading', 'text', 'picture', 'button']) {
      await person.selectBlock('Section')
      await person.click(`[data-shelf="${item}"]`)
    }
    await person.until('five blocks', async () => (await person.text('.blocks')) === '5 blocks')

    await resizeByColumns(person, site, project)
    await moveOntoOtherColumns(person, site, project)
    await typeMeasures(person, site, project)
    await writeText(person)
    await changeOneBand(person, site, project)
    await comeBack(person, site, project)
    await takeAway(site, project)
  },
}

async function block(site: Site, project: string, kind: string, name?: string) {
  const { documents } = await documentsOf(site, project)
  const drawing = Object.values(documents).find((one) => one.records.blocks)
  const found = Object.values(drawing?.records.blocks ?? {}).find(
    (one) => one.kind === kind && (!name || one.name === name),
  )
  expectTrue(found, `there is a ${kind}`)
  return found as {
    id: string
    place?: { column?: { start?: number; span?: number }; width?: unknown; height?: unknown }
    at?: Record<string, { place?: { column?: { span?: number } } }>
    text?: { insert: string; attributes?: object }[]
  }
}

async function resizeByColumns(person: Person, site: Site, project: string) {
  await person.selectBlock('Heading')
  const sheet = await person.number(`return document.querySelector('.sheet').clientWidth`)
  const column = ((87.33 + 24) * sheet) / 1440
  await person.drag('[data-handle="right edge"]', -Math.round(column * 7), 0)
  await person.saved()
  expectEqual(
    (await block(site, project, 'text', 'Heading')).place?.column?.span,
    5,
    'the heading spans five columns',
  )
}

async function moveOntoOtherColumns(person: Person, site: Site, project: string) {
  const sheet = await person.number(`return document.querySelector('.sheet').clientWidth`)
  const column = ((87.33 + 24) * sheet) / 1440
  await person.selectBlock('Picture')
  await person.drag('[data-handle="right edge"]', -Math.round(column * 6), 0)
  await person.saved()
  const height = await person.number(`return document.querySelector('[data-selected]').clientHeight`)
  await dragSelection(person, Math.round(column * 6), -Math.round(height * 0.3))
  await person.saved()
  const picture = await block(site, project, 'picture')
  expectEqual(picture.place?.column, { start: 7, span: 6 }, 'the picture stands on columns 7 to 12')
  await person.chord(Key.CONTROL, 'z')
  await person.saved()
  expectEqual(
    (await block(site, project, 'picture')).place?.column?.start,
    1,
    'undo takes a drag back in one step',
  )
  await person.chord(Key.CONTROL, Key.SHIFT, 'z')
  await person.saved()
  expectEqual((await block(site, project, 'picture')).place?.column?.start, 7, 'redo brings it again')
}

/** Drags what is selected from its middle; its outline takes no pointer, so the sheet is pressed below it. */
async function dragSelection(person: Person, dx: number, dy: number) {
  const at = (await person.driver.executeScript(
    `const r = document.querySelector('[data-selected]').getBoundingClientRect(); return [Math.round(r.left + r.width / 2), Math.round(r.top + Math.min(r.height / 2, 60))]`,
  )) as [number, number]
  const actions = person.driver.actions({ async: true }).move({ x: at[0], y: at[1] }).press()
  for (let step = 1; step <= 6; step++) {
    actions.move({
      x: at[0] + Math.round((dx * step) / 6),
      y: at[1] + Math.round((dy * step) / 6),
      duration: 20,
    })
  }
  await actions.release().perform()
}

async function typeMeasures(person: Person, site: Site, project: string) {
  await person.selectBlock('Do this')
  await person.fill('[data-figure="wide"]', '120 + 2*20')
  await person.saved()
  expectEqual(
    (await block(site, project, 'button')).place?.width,
    { value: 160, unit: 'px' },
    'a typed sum sets the width',
  )
  await person.fill('[data-figure="wide"]', 'wide as a barn')
  expectTrue(
    (await person.text('.strip [role=alert]')).includes('is not a length'),
    'nonsense is told, not taken',
  )
  await person.selectBlock('Heading')
  await person.fill('[aria-label="Columns"]', '1-6')
  await person.saved()
  expectEqual(
    (await block(site, project, 'text', 'Heading')).place?.column,
    { start: 1, span: 6 },
    'typed columns hold',
  )
}

async function writeText(person: Person) {
  await person.selectBlock('Heading')
  await person.keys(Key.ENTER)
  const editor = await person.see('.ql-editor')
  await editor.sendKeys(
    Key.chord(Key.CONTROL, 'a'),
    'Bread at ',
    Key.chord(Key.CONTROL, 'b'),
    'seven',
    Key.ESCAPE,
  )
  await person.saved()
  await person.until('the words stand on the page', async () =>
    (await person.text('.drawing')).includes('seven'),
  )
}

async function changeOneBand(person: Person, site: Site, project: string) {
  for (const [name, span] of [
    ['Narrow', 2],
    ['Medium', 4],
  ] as const) {
    await person.press(name)
    await person.selectBlock('Heading')
    await person.fill('[aria-label="Columns"]', `1-${span}`)
    await person.saved()
    await person.see('.differs')
  }
  const heading = await block(site, project, 'text', 'Heading')
  expectEqual(heading.place?.column?.span, 6, 'the lead band keeps its own value')
  expectEqual(heading.at?.bandnarrow000000?.place?.column?.span, 2, 'the narrow band has one of its own')
  await person.press('Narrow')
  await person.selectBlock('Heading')
  await person.click('[aria-label^="columns differs"]')
  await person.saved()
  expectEqual(
    (await block(site, project, 'text', 'Heading')).at?.bandnarrow000000?.place?.column?.span,
    undefined,
    'and gives it back',
  )
}

async function comeBack(person: Person, site: Site, project: string) {
  await person.open('about:blank')
  await setViewport(person.driver, 1280, 800)
  await person.open(`${site.address}/projects/${project}/wireframe`)
  await person.until('the page is as it was left', async () =>
    (await person.text('.drawing')).includes('Bread at'),
  )
  const heading = await block(site, project, 'text', 'Heading')
  expectEqual(heading.text?.map(({ insert }) => insert).join(''), 'Bread at seven', 'the words are kept')
  expectEqual(heading.text?.[1]?.attributes, { bold: true }, 'with their marks')
}

async function takeAway(site: Site, project: string) {
  const { documents } = await documentsOf(site, project)
  const page = Object.keys(documents).find((id) => documents[id].records.blocks) as string
  const svg = (await exported(site, project, { format: 'svg', page, width: 1440 })).toString()
  expectTrue(svg.startsWith('<svg') && svg.includes('Bread at'), 'the SVG holds the words')
  const png = await sharp(
    await exported(site, project, { format: 'png', page, width: 390, scale: 2 }),
  ).metadata()
  expectEqual(png.width, 780, 'a PNG at 2x is twice as wide')
  const zip = unzipSync(new Uint8Array(await exported(site, project, { format: 'html', page })))
  const html = strFromU8(zip['index.html'])
  expectTrue(/<h2[^>]*>Bread at <strong>seven<\/strong><\/h2>/.test(html), 'the HTML is semantic')
  expectTrue(
    html.includes('@media (width < 1120px)') && !/(src|href)="http/.test(html),
    'and self-contained, with its bands',
  )
  const sitemap = await (await fetch(`${site.address}/api/projects/${project}/sitemap.xml`)).text()
  expectEqual(sitemap.match(/<loc>/g)?.length, 4, 'the sitemap has all pages')
  expectTrue(sitemap.includes('https://www.example.com/menu/breakfast'), 'with their addresses')
}

async function exported(site: Site, project: string, input: object): Promise<Buffer> {
  const base = `/api/projects/${project}/exports`
  const headers = { 'content-type': 'application/json' }
  const { id } = await site.ask<{ id: string }>(base, {
    method: 'POST',
    headers,
    body: JSON.stringify(input),
  })
  for (let tries = 0; tries < 300; tries++) {
    const job = await site.ask<{ state: string; error?: string }>(`${base}/${id}`)
    if (job.state === 'failed') throw new Error(job.error)
    if (job.state === 'done') break
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return Buffer.from(await (await fetch(`${site.address}${base}/${id}/file`)).arrayBuffer())
}
