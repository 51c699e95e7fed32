import { createWriteStream, existsSync } from 'node:fs'
import { copyFile, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Children } from '../children/children'
import { inWorkFolder, newWorkFolder } from '../children/workFolder'
import { PICTURE_LIMITS } from './assetService'
import { readBlob } from './blobs'

/** Widths pictures are scaled to, px: for usual screens, and for those with twice the pixels. */
export const SCALED_WIDTHS = [1920, 3840] as const
export type ScaledWidth = (typeof SCALED_WIDTHS)[number]

/** Types that are scaled; drawn pictures need not be, and moving ones would stand still. */
const SCALED_TYPES = new Set(['image/jpeg', 'image/png', 'image/webp'])
/** More than so many are made anew, the oldest first. */
const MOST_KEPT = 600

/** Smaller versions of pictures for drawings on screen, made once while the server runs. Exports have the originals. */
export class ScaledPictures {
  private folder: Promise<string> | undefined
  private made = new Map<string, Promise<string>>()

  constructor(private children: Children) {}

  /** Whether a picture has a smaller version of a width. */
  has = ({ type, width }: { type: string; width: number }, most: ScaledWidth) =>
    SCALED_TYPES.has(type) && width > most

  /** The file of a picture's smaller version. @throws Problem where it could not be made */
  async path(sha256: string, most: ScaledWidth): Promise<string> {
    const key = `${sha256}-${most}`
    const before = await this.made.get(key)
    // Whoever tidies up the machine may have taken it away.
    if (before !== undefined && existsSync(before)) return before
    const making = this.make(sha256, most, key)
    this.made.set(key, making)
    making.catch(() => this.made.delete(key))
    if (this.made.size > MOST_KEPT) void this.forgetOldest()
    return making
  }

  private async make(sha256: string, most: ScaledWidth, key: string): Promise<string> {
    const kept = join(await (this.folder ??= newWorkFolder()), `${key}.webp`)
    await inWorkFolder(async (folder) => {
      await pipeline(Readable.from(readBlob(sha256)), createWriteStream(join(folder, 'picture')))
      const { file } = await this.children.run(
        'scalePicture',
        folder,
        { file: 'picture', most },
        PICTURE_LIMITS,
      )
      await copyFile(join(folder, file), kept)
    })
    return kept
  }

  private async forgetOldest() {
    const [[key, making]] = this.made
    this.made.delete(key)
    await making.then((path) => rm(path, { force: true })).catch(() => undefined)
  }
}
