import { expose } from 'comlink'
import { jpegChannels } from '@nolvex/core/colour/jpegChannels'
import { mainColours, type MainColour } from '@nolvex/core/colour/mainColours'

/** Pixels across a picture is looked at with: more give the same colours. */
const ENOUGH = 1024

/** Bytes in which a picture says what channels it has, behind whatever a camera writes before. */
const HEADER = 256 * 1024

export interface FoundColours {
  colours: MainColour[]
  /** the picture is meant for print, and was read as screens show it */
  wasCmyk: boolean
}

async function findColours(file: Blob, most: number): Promise<FoundColours> {
  const bitmap = await createImageBitmap(file).catch(() => {
    throw new Error('The file is no picture this browser can read. Choose a JPEG, PNG, WebP or GIF.')
  })
  const scale = Math.min(1, ENOUGH / Math.max(bitmap.width, bitmap.height))
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  )
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context)
    throw new Error('This browser gives no room to look at the picture. Close some tabs and try again.')
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  const header = new Uint8Array(await file.slice(0, HEADER).arrayBuffer())
  const colours = mainColours(context.getImageData(0, 0, canvas.width, canvas.height).data, most)
  return { colours, wasCmyk: jpegChannels(header) === 4 }
}

export type ColourFinder = typeof findColours

expose(findColours)
