import sharp from 'sharp'
import { checkPicture } from './checkPicture'

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

test('what is no picture, empty, damaged or huge is refused by name', async () => {
  await expect(checkPicture('a.png', Buffer.from('hello'))).rejects.toThrow('“a.png” is no picture we know')
  await expect(checkPicture('b.png', Buffer.alloc(0))).rejects.toThrow('empty')
  const png = await canvas(400, 300).png().toBuffer()
  await expect(checkPicture('c.png', png.subarray(0, png.length / 2))).rejects.toThrow('damaged')
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

  test('with entities is refused', async () => {
    const bomb = Buffer.from(
      '<!DOCTYPE svg [<!ENTITY a "aaaa">]><svg xmlns="http://www.w3.org/2000/svg">&a;</svg>',
    )
    await expect(checkPicture('bomb.svg', bomb)).rejects.toThrow('entities')
  })
})
