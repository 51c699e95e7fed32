import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Database } from '../scripts/database.mjs'
import { Site } from './site'

/** A database cluster that lives as long as the work on it, with the template every site is made from. */
export async function withTestDatabase(work: (database: Database) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-e2e-'))
  // The postgres user has to pass through it.
  chmodSync(folder, 0o755)
  mkdirSync(join(folder, 'db'))
  const database = new Database(join(folder, 'db'), { forTests: true })
  try {
    await database.start()
    await Site.makeTemplate(database)
    await work(database)
  } finally {
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
