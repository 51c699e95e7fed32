import { writeFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { join } from 'node:path'

/** Told how far something has come, from 0 to 1. */
export type Progress = (done: number) => void

const FILE = 'progress'
const STEP = 0.01

/** Writes how far a child process has come beside what it makes, for its server to read. */
export function progressInto(folder: string): Progress {
  let said = 0
  return (done) => {
    if (done - said < STEP && done < 1) return
    said = done
    writeFileSync(join(folder, FILE), String(done))
  }
}

/** How far the work in a folder has come, from 0 to 1. */
export async function progressIn(folder: string): Promise<number> {
  const said = Number(await readFile(join(folder, FILE), 'utf8').catch(() => '0'))
  return Number.isFinite(said) ? Math.min(1, Math.max(0, said)) : 0
}
