import { existsSync } from 'node:fs'
import { mkdtemp, readdir, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const PREFIX = 'nolvex-work-'

/** A folder under a name nobody can guess, for nobody else to read; gone with this process, at the latest at the next start. */
export const newWorkFolder = (): Promise<string> => mkdtemp(join(tmpdir(), `${PREFIX}${process.pid}-`))

/** A folder for one piece of work, which is gone when the work has ended, however it did. */
export async function inWorkFolder<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = await newWorkFolder()
  try {
    return await work(folder)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Clears away what servers that were killed have left behind. */
export async function clearWorkFolders(): Promise<void> {
  for (const name of await readdir(tmpdir())) {
    const [pid] = name.startsWith(PREFIX) ? name.slice(PREFIX.length).split('-') : []
    if (!pid || existsSync(`/proc/${pid}`)) continue
    // What is another user's stays.
    await rm(join(tmpdir(), name), { recursive: true, force: true }).catch(() => undefined)
  }
}
