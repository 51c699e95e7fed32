const START_OF_IMAGE = 0xffd8
/** Frames of every coding; between them stand tables that are none (ITU T.81, table B.1). */
const isFrame = (marker: number) =>
  marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc

/**
 * How many channels a JPEG has: 1 grey, 3 colour, 4 CMYK as printers use it (ITU T.81, B.1.1.4 and B.2.2).
 * @param bytes its beginning, up to the frame header
 * @returns nothing where they are no JPEG, or end before the header
 */
export function jpegChannels(bytes: Uint8Array): number | undefined {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  if (view.byteLength < 4 || view.getUint16(0) !== START_OF_IMAGE) return undefined
  for (let at = 2; at + 10 <= view.byteLength;) {
    if (view.getUint8(at) !== 0xff) return undefined
    const marker = view.getUint8(at + 1)
    if (isFrame(marker)) return view.getUint8(at + 9)
    // A marker may be preceded by any number of fill bytes.
    at += marker === 0xff ? 1 : 2 + view.getUint16(at + 2)
  }
  return undefined
}
