import sharp from 'sharp'
import { svgToPng } from './svgToPng'
import { paintableAddress } from './paintable'

const canvas = (background: string | { r: number; g: number; b: number; alpha: number }) =>
  sharp({ create: { width: 40, height: 20, channels: 4, background } })
const within = (href: string, width = 40, height = 20) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><image width="${width}" height="${height}" href="${href}"/></svg>`
const pixels = async (svg: string, width = 40, height = 20) =>
  sharp(svgToPng(svg, { width, height }, 1))
    .raw()
    .toBuffer()

test('a WebP is drawn in a PNG, also one that lets through what is behind', async () => {
  const solid = await canvas('#3e5c76').removeAlpha().webp({ lossless: true }).toBuffer()
  const [r, g, b, alpha] = await pixels(within(await paintableAddress('image/webp', solid)))
  expect(Math.max(Math.abs(r - 0x3e), Math.abs(g - 0x5c), Math.abs(b - 0x76))).toBeLessThanOrEqual(2)
  expect(alpha).toBe(255)
  const half = await canvas({ r: 62, g: 92, b: 118, alpha: 0.5 }).webp({ lossless: true }).toBuffer()
  const shown = await pixels(within(await paintableAddress('image/webp', half)))
  expect(Math.abs(shown[3] - 128)).toBeLessThanOrEqual(1)
})

test('a photograph that lies on its side is drawn upright', async () => {
  const right = await sharp({ create: { width: 20, height: 20, channels: 3, background: '#ffffff' } })
    .extend({ left: 20, background: '#000000' })
    .withMetadata({ orientation: 6 })
    .jpeg({ quality: 100 })
    .toBuffer()
  // Turned by a quarter clockwise the black half on the left comes to the top.
  const shown = await pixels(within(await paintableAddress('image/jpeg', right), 20, 40), 20, 40)
  const at = (y: number) => shown[(y * 20 + 10) * 4]
  expect(at(5)).toBeLessThan(20)
  expect(at(35)).toBeGreaterThan(235)
})

test('what every writer draws anyway stays as it is', async () => {
  const png = await canvas('#3e5c76').png().toBuffer()
  expect(await paintableAddress('image/png', png)).toBe(`data:image/png;base64,${png.toString('base64')}`)
  const jpeg = await canvas('#3e5c76').removeAlpha().jpeg().toBuffer()
  expect(await paintableAddress('image/jpeg', jpeg)).toBe(`data:image/jpeg;base64,${jpeg.toString('base64')}`)
})

test('a drawing comes as pixels, enough of them to be sharp', async () => {
  const svg =
    '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="20"><rect width="40" height="20" fill="#3e5c76"/></svg>'
  const address = await paintableAddress('image/svg+xml', Buffer.from(svg))
  expect(address).toMatch(/^data:image\/png;base64,/)
  const { width, height } = await sharp(Buffer.from(address.split(',')[1], 'base64')).metadata()
  expect([width, height]).toEqual([1600, 800])
  const [r, g, b] = await pixels(within(address))
  expect([r, g, b]).toEqual([0x3e, 0x5c, 0x76])
})
