import { findPageArea, type Area, type Pixels } from './findPageArea'

function picture(
  width: number,
  height: number,
  fills: [area: Area, colour: [number, number, number]][],
): Pixels {
  const data = new Uint8ClampedArray(width * height * 4).fill(255)
  for (const [{ x, y, width: w, height: h }, [r, g, b]] of fills)
    for (let row = y; row < y + h; row++)
      for (let column = x; column < x + w; column++) data.set([r, g, b, 255], (row * width + column) * 4)
  return { width, height, data }
}
const whole = (width: number, height: number): Area => ({ x: 0, y: 0, width, height })

test.each([
  [1024, 768],
  [2881, 1801],
])('an empty page is found to the pixel in a window of %d x %d', (width, height) => {
  const page = { x: 7, y: 115, width: width - 30, height: height - 150 }
  const shot = picture(width, height, [
    [whole(width, height), [203, 198, 183]],
    [{ x: 0, y: 40, width, height: 60 }, [220, 216, 204]],
    [{ x: 60, y: 50, width: width - 200, height: 30 }, [255, 255, 255]],
    [page, [255, 255, 255]],
  ])
  expect(findPageArea(shot)).toEqual(page)
})

test('what stands on the page does not hide it while the largest empty part is the page’s', () => {
  const shot = picture(800, 600, [
    [whole(800, 600), [90, 90, 90]],
    [{ x: 0, y: 100, width: 800, height: 460 }, [250, 250, 248]],
  ])
  expect(findPageArea(shot)).toEqual({ x: 0, y: 100, width: 800, height: 460 })
})

test('a picture without an empty part has none', () => {
  const data = new Uint8ClampedArray(200 * 200 * 4)
  for (let index = 0; index < data.length; index++) data[index] = (index * 7919) % 251
  expect(findPageArea({ width: 200, height: 200, data })).toBeUndefined()
})
