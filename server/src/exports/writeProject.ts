import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { writeProjectFile, type ProjectAsset } from '@nolvex/core/formats/projectFile'
import { unpackDocuments } from '../documents/packing'

export interface WriteProjectInput {
  name: string
  /** pictures and files, as they lie in the folder */
  assets: (Omit<ProjectAsset, 'bytes'> & { file: string })[]
}

/** Writes a project file into a folder as `result`. To be run in a child process. */
export async function writeProject(folder: string, { name, assets }: WriteProjectInput): Promise<object> {
  const documents = await unpackDocuments(await readFile(join(folder, 'documents')))
  const read: ProjectAsset[] = []
  for (const { file, ...asset } of assets)
    read.push({ ...asset, bytes: new Uint8Array(await readFile(join(folder, file))) })
  await writeFile(join(folder, 'result'), writeProjectFile({ name, documents, assets: read }))
  return {}
}
