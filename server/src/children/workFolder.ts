import { mkdir, mkdtemp, readdir, rm } from 'node:fs/promises'
import { existsSync } from 'node:fs'
import { tmpdir, userInfo } from 'node:os'
import { join } from 'node:path'

const base = () => join(tmpdir(), `nolvex-work-${userInfo().uid}`)

/** A folder for one piece of work, which is gone when the work has ended, however it did. */
export async function inWorkFolder<T>(work: (folder: string) => Promise<T>): Promise<T> {
  await mkdir(base(), { recursive: true, mode: 0o700 })
  const folder = await mkdtemp(join(base(), `${process.pid}-`))
  try {
    return await work(folder)
  } finally {
    await rm(folder, { recursive: true, force: true })
  }
}

/** Clears away what servers that were killed have left behind. */
export async function clearWorkFolders(): Promise<void> {
  const names = await readdir(base()).catch(() => [])
  for (const name of names) {
    const isAlive = existsSync(`/proc/${name.split('-')[0]}`)
    if (!isAlive) await rm(join(base(), name), { recursive: true, force: true })
  }
}
