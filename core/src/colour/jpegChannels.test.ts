import { jpegChannels } from './jpegChannels'

/** SOI, a comment, a frame header of some coding with so many channels (ITU T.81, figures B.2, B.3 and B.10). */
const jpeg = (frame: number, channels: number) =>
  Uint8Array.from([
    ...[0xff, 0xd8, 0xff, 0xfe, 0, 4, 65, 66],
    ...[0xff, 0xc4, 0, 5, 1, 2, 3],
    ...[0xff, 0xff, frame, 0, 8 + 3 * channels, 8, 0, 30, 0, 40, channels, 1, 0x11, 0],
  ])

test.each([
  ['baseline grey', 0xc0, 1],
  ['baseline colour', 0xc0, 3],
  ['progressive CMYK', 0xc2, 4],
])('%s', (_name, frame, channels) => expect(jpegChannels(jpeg(frame, channels))).toBe(channels))

test('what is no JPEG, or ends too early, has none', () => {
  expect(jpegChannels(Uint8Array.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 0]))).toBeUndefined()
  const whole = jpeg(0xc0, 3)
  for (let length = 0; length < 20; length++) expect(jpegChannels(whole.subarray(0, length))).toBeUndefined()
  expect(jpegChannels(Uint8Array.from([0xff, 0xd8, ...Array<number>(40).fill(0)]))).toBeUndefined()
})
