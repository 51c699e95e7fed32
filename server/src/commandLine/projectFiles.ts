import { mkdir, readFile, writeFile } from 'node:fs/promises'
import { dirname, join, resolve, sep } from 'node:path'
import { readProject, writeProjectFile, type Project } from '@nolvex/core/formats/projectFile'
import { unzip } from '../projects/unzip'
import { Misuse } from './misuse'

/** Reads a file. @throws Misuse that names it */
export async function readBytes(path: string): Promise<Buffer> {
  try {
    return await readFile(path)
  } catch {
    throw new Misuse(`“${path}” cannot be read. Give the path of a file that is there.`)
  }
}

/** A project from its file. @throws Misuse for what is no project file */
export async function openFile(path: string): Promise<Project> {
  const bytes = await readBytes(path)
  try {
    return readProject(await unzip(bytes))
  } catch (error) {
    throw new Misuse(`“${path}”: ${(error as Error).message}`)
  }
}

export async function saveFile(path: string, project: Project): Promise<void> {
  await mkdir(dirname(resolve(path)), { recursive: true })
  await writeFile(path, writeProjectFile(project))
}

/** Writes files into a folder, which is made; none of them leaves it. */
export async function writeInto(folder: string, files: { path: string; bytes: Uint8Array }[]): Promise<void> {
  const root = resolve(folder)
  for (const { path, bytes } of files) {
    const own = join(root, path)
    if (!own.startsWith(root + sep)) throw new Misuse(`“${path}” would lie outside ${folder}.`)
    await mkdir(dirname(own), { recursive: true })
    await writeFile(own, bytes)
  }
}
