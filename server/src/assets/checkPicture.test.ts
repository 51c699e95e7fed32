import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Color from 'colorjs.io'
import sharp from 'sharp'
import { checkPicture as checkInFolder } from './checkPicture'

const folder = mkdtempSync(join(tmpdir(), 'nolvex-pictures-'))
afterAll(() => rmSync(folder, { recursive: true }))

/** What is found of a picture, with the bytes that would be kept. */
async function checkPicture(name: string, bytes: Buffer) {
  writeFileSync(join(folder, 'upload'), bytes)
  const found = await checkInFolder(folder, { name, file: 'upload' })
  return { ...found, bytes: readFileSync(join(folder, found.file)) }
}

const canvas = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#3e5c76' } })

test.each(['png', 'jpeg', 'webp'] as const)(
  'a %s is known by its content, whatever it is called',
  async (format) => {
    const bytes = await canvas(40, 30).toFormat(format).toBuffer()
    expect(await checkPicture('boat.txt', bytes)).toMatchObject({
      type: `image/${format}`,
      width: 40,
      height: 30,
    })
  },
)

test('a JPEG that was turned has its width and height as seen', async () => {
  const bytes = await canvas(40, 30).withMetadata({ orientation: 6 }).jpeg().toBuffer()
  expect(await checkPicture('boat.jpg', bytes)).toMatchObject({ width: 30, height: 40 })
})

const pixel = async (bytes: Buffer) => [...(await sharp(bytes).raw().toBuffer()).subarray(0, 3)]

/** A PNG whose numbers are taken as they are (PNG, section 5.3: length, type, data, check). */
function withoutProfile(png: Buffer): Buffer {
  const kept = [png.subarray(0, 8)]
  for (let at = 8; at < png.length;) {
    const end = at + 12 + png.readUInt32BE(at)
    if (png.toString('latin1', at + 4, at + 8) !== 'iCCP') kept.push(png.subarray(at, end))
    at = end
  }
  return Buffer.concat(kept)
}

test('a picture in another profile is kept in sRGB as colorjs.io converts it, and its profile named', async () => {
  const bytes = await canvas(40, 30).withIccProfile('p3').png().toBuffer()
  const found = await checkPicture('boat.png', bytes)
  expect(found).toMatchObject({ type: 'image/png', width: 40 })
  expect(found.convertedFrom).toMatch(/P3/)
  const data = await pixel(withoutProfile(bytes))
  const converted = new Color('p3', [data[0] / 255, data[1] / 255, data[2] / 255]).to('srgb').coords
  const kept = await pixel(found.bytes)
  for (const [index, share] of converted.entries())
    expect(Math.abs(kept[index] - Number(share) * 255)).toBeLessThan(1.5)
  expect(kept).not.toEqual(data)
})

test('a CMYK picture is kept in sRGB, standing as it was turned', async () => {
  const bytes = await canvas(40, 30)
    .toColourspace('cmyk')
    .withMetadata({ orientation: 6 })
    .withIccProfile('cmyk')
    .jpeg()
    .toBuffer()
  expect((await sharp(bytes).metadata()).space).toBe('cmyk')
  const found = await checkPicture('boat.jpg', bytes)
  expect(found).toMatchObject({ type: 'image/jpeg', width: 30, height: 40, convertedFrom: 'CMYK' })
  const kept = await sharp(found.bytes).metadata()
  expect(kept).toMatchObject({ space: 'srgb', width: 30, height: 40 })
  expect(kept.orientation ?? 1).toBe(1)
})

test('a picture that says it is in sRGB is kept as it came', async () => {
  const bytes = await canvas(40, 30).withIccProfile('srgb').jpeg().toBuffer()
  const found = await checkPicture('boat.jpg', bytes)
  expect(found.convertedFrom).toBeUndefined()
  expect(found.bytes.equals(bytes)).toBe(true)
})

test('what is no picture, empty, damaged or huge is refused by name', async () => {
  await expect(checkPicture('a.png', Buffer.from('hello'))).rejects.toThrow('“a.png” is no picture we know')
  await expect(checkPicture('b.png', Buffer.alloc(0))).rejects.toThrow('empty')
  const png = await canvas(400, 300).png().toBuffer()
  for (const share of [0.02, 0.1, 0.5, 0.99])
    await expect(checkPicture('c.png', png.subarray(0, png.length * share))).rejects.toThrow(
      '“c.png” is a damaged PNG',
    )
  const jpeg = await canvas(400, 300).jpeg().toBuffer()
  await expect(checkPicture('f.png', jpeg.subarray(0, 200))).rejects.toThrow('“f.png” is a damaged JPEG')
  const vast = await canvas(9000, 6000).png().toBuffer()
  await expect(checkPicture('d.png', vast)).rejects.toThrow('50 megapixels')
  await expect(checkPicture('e.png', Buffer.alloc(26 * 1024 * 1024))).rejects.toThrow('25 MB')
})

describe('an SVG', () => {
  const clean = async (inner: string, attributes = 'width="40" height="30"') => {
    const picture = await checkPicture(
      'x.svg',
      Buffer.from(
        `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inner}</svg>`,
      ),
    )
    return { ...picture, text: picture.bytes.toString() }
  }

  test.each([
    ['<script>alert(1)</script>', 'script'],
    ['<rect onload="alert(1)" width="4" height="4"/>', 'onload'],
    ['<image href="file:///etc/passwd" width="4" height="4"/>', 'passwd'],
    ['<image href="https://elsewhere.example/x.png"/>', 'elsewhere'],
    ['<rect style="fill:url(https://elsewhere.example/x)" />', 'elsewhere'],
    ['<foreignObject><iframe src="x"/></foreignObject>', 'iframe'],
    ['<style>@import url(https://elsewhere.example)</style>', 'elsewhere'],
    ['<a href="javascript:alert(1)"><rect/></a>', 'javascript'],
    ['<rect fill="url(#a) url(http://elsewhere.example/x)"/>', 'elsewhere'],
    ['<rect fill="u\\72l(http://elsewhere.example/x)"/>', 'elsewhere'],
    ['<rect filter="image-set(\'http://elsewhere.example/x\' 1x)"/>', 'elsewhere'],
    ['<use href="http://elsewhere.example/x.svg#a"/>', 'elsewhere'],
    [
      '<image xlink:href="data:image/svg+xml;base64,PHN2Zy8+" xmlns:xlink="http://www.w3.org/1999/xlink"/>',
      'svg+xml',
    ],
    ['<set attributeName="href" to="javascript:alert(1)"/>', 'javascript'],
  ])('loses %s', async (inner, gone) => {
    const { text } = await clean(`${inner}<circle r="4"/>`)
    expect(text).not.toContain(gone)
    expect(text).toContain('<circle')
  })

  test('keeps what it draws and its size', async () => {
    const { text, width, height } = await clean(
      '<defs><linearGradient id="g"/></defs><rect fill="url(#g)" width="4"/>',
      'viewBox="0 0 80 60"',
    )
    expect([width, height]).toEqual([80, 60])
    expect(text).toContain('url(#g)')
  })

  test.each([
    ['groups without end', '<g>'.repeat(20_000), /groups more than 200 deep/],
    ['more elements than anybody draws', '<path/>'.repeat(50_001), /more than 50,000 elements/],
    ['declarations again and again', '<?xml'.repeat(80_000), /damaged SVG/],
    ['comments that never end', '<!--'.repeat(90_000), /damaged SVG/],
  ])('with %s is refused before it is cleaned', async (_what, inner, words) => {
    await expect(clean(inner)).rejects.toThrow(words)
  })

  test('with entities is refused', async () => {
    const bomb = Buffer.from(
      '<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>',
    )
    await expect(checkPicture('bomb.svg', bomb)).rejects.toThrow('entities')
  })
})
