import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const FARES = 'pagefares0000000'
const RENDERED_MS = 120_000

interface StoredSolid {
  name: string
  at: [number, number, number]
  size: [number, number, number]
}
interface StoredArtwork {
  width: number
  height: number
  view?: { turn: number; tilt: number; distance: number }
  views?: { name: string }[]
  behind?: { page: string; block: string }
  rendered?: { asset: string; width: number }
}

/** A scene of solids is composed by hand and keys, rendered, and laid behind the title of a page; and kept without WebGL. */
export const artwork: Journey = {
  name: 'an artwork composed and laid behind a title',
  async run({ person, site }) {
    const { driver } = person
    const siteNow = async () => {
      await person.saved()
      return (await documentsOf(site, DEMO)).documents.site.records as Record<string, Record<string, unknown>>
    }
    const artworkNow = async () => {
      const all = Object.values((await siteNow()).artworks) as ({ name: string } & StoredArtwork)[]
      return all.find(({ name }) => name === 'Coins') as StoredArtwork
    }
    const solidNow = async (name: string) =>
      (Object.values((await siteNow()).solids) as unknown as StoredSolid[]).find((one) => one.name === name)

    await person.open(`${site.address}/projects/${DEMO}/artwork`)
    await person.see('.artwork-stage canvas')
    await person.fill('input[aria-label="Add an artwork"]', 'Coins')
    await person.until('it is shown', async () => (await person.text('.list .current')).includes('Coins'))
    await person.press('Drum')
    await person.until('a drum stands', async () => (await solidNow('Drum')) !== undefined)
    const canvas = await person.see('.artwork-stage canvas')
    await canvas.click()

    // By keys: what was put is chosen, and moved, stretched along one axis, doubled, and all of it undone.
    await person.see('.solid')
    const before = await solidNow('Drum')
    await person.keys(Key.PAGE_UP, Key.PAGE_UP)
    await person.until(
      'it is higher',
      async () => (await solidNow('Drum'))?.at[1] === (before?.at[1] ?? 0) + 0.2,
    )
    await person.fill('.solid .triple:nth-of-type(2) input[aria-label="tall"]', '0.3')
    await person.until('it is flat', async () => (await solidNow('Drum'))?.size[1] === 0.3)
    expectEqual((await solidNow('Drum'))?.size[0], 1, 'and as wide as it was')
    await person.press('Duplicate')
    await person.until('there are two', async () => (await solidNow('Drum 2')) !== undefined)
    await driver.executeScript('document.activeElement.blur()')
    await person.chord(Key.CONTROL, 'z')
    await person.until('one again', async () => (await solidNow('Drum 2')) === undefined)

    // By mouse: the ground turns the view, the wheel goes nearer, and that view is kept.
    const { x, y, width, height } = await canvas.getRect()
    const [left, top] = [Math.round(x + 20), Math.round(y + height - 20)]
    await driver
      .actions()
      .move({ x: left, y: top })
      .press()
      .move({ x: left + Math.round(width / 4), y: top })
      .release()
      .perform()
    await person.until('it is turned', async () => (await artworkNow()).view?.turn !== undefined)
    await driver.executeScript(
      `arguments[0].dispatchEvent(new WheelEvent('wheel', { deltaY: -200, cancelable: true }))`,
      canvas,
    )
    await person.until('it is nearer', async () => ((await artworkNow()).view?.distance ?? 9) < 9)
    await person.fill('input[aria-label="Keep this view as"]', 'From the side')
    await person.until('it is kept', async () => (await artworkNow()).views?.[0]?.name === 'From the side')

    // Behind the title of a page, as large as that, and rendered: twice, and laid in the same place.
    await person.choose('.render .select-field', 'Fares')
    await person.until('a block is proposed', async () => (await artworkNow()).behind?.page === FARES)
    await person.see('.in-front')
    await person.press('take the block')
    await person.until('as large as the block', async () => (await artworkNow()).width === 1440)
    await person.choose('.render .two .choice-field:nth-child(1)', 'quick')
    await person.choose('.render .two .choice-field:nth-child(2)', '1×')
    await person.press('Render and lay behind')
    const assetOf = async () => (await artworkNow()).rendered?.asset
    await person.until('it is rendered', async () => (await assetOf()) !== undefined, RENDERED_MS)
    const backdrop = async () => {
      const { behind } = await artworkNow()
      const { documents } = await documentsOf(site, DEMO)
      const block = documents[FARES].records.blocks[behind?.block ?? ''] as
        { look?: { backdrop?: object } } | undefined
      return block?.look?.backdrop as { picture: { asset: string }; focus?: object; strength?: number }
    }
    const first = await backdrop()
    expectEqual(first.picture.asset, await assetOf(), 'and lies behind the title')
    await person.until(
      'its colours are found',
      async () => (await person.all('.artwork-colours .colour')).length > 1,
    )
    const focus = { x: 1, y: 0.2 }
    await commitParts(site, DEMO, [
      {
        ...{ document: FARES, kind: 'drawing' },
        operations: [
          {
            ...{ type: 'set', collection: 'blocks', id: (await artworkNow()).behind?.block ?? '' },
            ...{ path: ['look', 'backdrop', 'focus'], value: focus },
          },
        ],
      },
    ])
    await person.press('Render it again')
    await person.until('another picture', async () => (await assetOf()) !== first.picture.asset, RENDERED_MS)
    expectEqual((await backdrop()).focus, focus, 'at the same place')
    const pixels = await driver.executeAsyncScript<number>(
      `const [asset, done] = arguments
       const picture = new Image()
       picture.onload = () => {
         const canvas = document.createElement('canvas')
         Object.assign(canvas, { width: picture.naturalWidth, height: picture.naturalHeight })
         const context = canvas.getContext('2d')
         context.drawImage(picture, 0, 0)
         const { data } = context.getImageData(0, 0, canvas.width, canvas.height)
         const seen = new Set()
         for (let at = 0; at < data.length; at += 4) seen.add((data[at] >> 4) * 256 + (data[at + 1] >> 4) * 16 + (data[at + 2] >> 4))
         done(seen.size)
       }
       picture.src = '/api/projects/${DEMO}/assets/' + asset`,
      await assetOf(),
    )
    expectTrue(pixels > 8, `the picture shows something (${pixels} shades)`)

    // Without WebGL the scene is kept, and says so.
    await person.press('Back to the mockup')
    await person.see('.drafting')
    await driver.executeScript(
      `const own = HTMLCanvasElement.prototype.getContext
       HTMLCanvasElement.prototype.getContext = function (kind, ...rest) {
         return kind.startsWith('webgl') ? null : own.call(this, kind, ...rest)
       }`,
    )
    await person.press('artwork')
    await person.until('it is said', async () => (await person.text('.without')).includes('no WebGL'))
    await person.press('Cone')
    await person.until('and can be changed', async () => (await solidNow('Cone')) !== undefined)
  },
}
