import sharp from 'sharp'
import { svgToPng } from './svgToPng'

/** px across, three times what a card of a sheet is wide in points */
const ENOUGH = 720
const DATA = /^data:([^;]+);base64,(.*)$/s

/**
 * Files as they stand on sheets of paper: no larger than is printed, and in what PDF takes, which is neither SVG nor WebP.
 * What cannot be read is left out: the sheet then has room for it.
 * @param files data addresses by id
 */
export async function sheetPictures(files: Record<string, string>): Promise<Record<string, string>> {
  const made = await Promise.all(
    Object.entries(files).map(async ([id, address]): Promise<[string, string][]> => {
      const bytes = await smaller(address).catch(() => undefined)
      return bytes ? [[id, `data:image/png;base64,${bytes.toString('base64')}`]] : []
    }),
  )
  return Object.fromEntries(made.flat())
}

async function smaller(address: string): Promise<Buffer | undefined> {
  const [, type, data] = DATA.exec(address) ?? []
  if (data === undefined) return undefined
  const bytes = Buffer.from(data, 'base64')
  const { width = ENOUGH, height = ENOUGH } = await sharp(bytes).metadata()
  if (type === 'image/svg+xml')
    return Buffer.from(svgToPng(bytes.toString(), { width, height }, Math.min(8, ENOUGH / width)))
  return sharp(bytes).autoOrient().resize({ width: ENOUGH, withoutEnlargement: true }).png().toBuffer()
}
