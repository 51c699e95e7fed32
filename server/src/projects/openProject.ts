import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { PackedFileError } from '@nolvex/core/formats/documentEntries'
import { readProject, type ProjectAsset } from '@nolvex/core/formats/projectFile'
import { checkPicture } from '../assets/checkPicture'
import { packDocuments } from '../documents/packing'
import { Problem } from '../http/problem'
import type { OpenedProject } from './openedProject'
import { unzip } from './unzip'

/**
 * Reads the project file that lies in a folder as `upload`, checks everything in it, and leaves its documents, packed,
 * and its pictures there as files. To be run in a child process.
 * @throws Problem that says which part of it is wrong
 */
export async function openProject(folder: string): Promise<OpenedProject> {
  try {
    const { name, documents, assets } = readProject(await unzip(await readFile(join(folder, 'upload'))))
    const { body, bytes } = await packDocuments(documents)
    await writeFile(join(folder, 'snapshot'), body)
    const checked: OpenedProject['assets'] = []
    for (const asset of assets) checked.push(await checkAsset(folder, asset))
    return { name, snapshot: 'snapshot', bytes, assets: checked }
  } catch (error) {
    if (error instanceof PackedFileError) throw new Problem(422, error.message)
    throw error
  }
}

async function checkAsset(
  folder: string,
  { id, name, type, bytes }: ProjectAsset,
): Promise<OpenedProject['assets'][number]> {
  const file = `asset-${id}`
  await writeFile(join(folder, file), bytes)
  if (!type.startsWith('image/')) return { id, name, type, width: 0, height: 0, file }
  return { id, name, ...(await checkPicture(folder, { name, file })) }
}
