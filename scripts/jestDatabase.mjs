import { chmodSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Database } from './database.mjs'

let folder
let database

/** A database for the unit tests of the server. */
export default async function setup() {
  folder = mkdtempSync(join(tmpdir(), 'nolvex-jest-'))
  chmodSync(folder, 0o755)
  mkdirSync(join(folder, 'db'))
  database = new Database(join(folder, 'db'), { forTests: true })
  process.env.TEST_DATABASE_URL = await database.start()
  process.env.TEST_DATABASE_ADMIN_URL = database.adminUrl
  globalThis.endTestDatabase = async () => {
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}
