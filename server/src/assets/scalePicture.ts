import { join } from 'node:path'
import sharp from 'sharp'

export interface ScalePictureInput {
  /** name of the file in the folder */
  file: string
  /** px it is wide at most */
  most: number
}

const QUALITY = 86

/**
 * Writes a smaller version of a picture beside it, turned as it is seen. To be run in a child process.
 * @returns name of the file in the folder
 */
export async function scalePicture(
  folder: string,
  { file, most }: ScalePictureInput,
): Promise<{ file: string }> {
  const scaled = `${file}.webp`
  await sharp(join(folder, file))
    .autoOrient()
    .resize({ width: most, withoutEnlargement: true })
    .webp({ quality: QUALITY, effort: 2 })
    .toFile(join(folder, scaled))
  return { file: scaled }
}
