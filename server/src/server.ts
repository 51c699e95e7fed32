import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import type { Logger } from 'pino'
import type { Sequelize } from 'sequelize'
import { createApp } from './app'
import { defineAssets } from './assets/assetModels'
import { incompleteBlobs } from './assets/blobs'
import { Sweeper } from './database/sweeper'
import { Children } from './children/children'
import { clearWorkFolders } from './children/workFolder'
import type { Config } from './config'
import { connect, migrateDatabase } from './database/connect'
import { loadDemo } from './demo/loadDemo'
import { defineChanges } from './documents/changeModel'
import { ProjectStates } from './documents/projectState'
import { ChangeStream } from './documents/stream'
import { defineJobs } from './exports/jobModel'
import { JobRunner } from './exports/jobRunner'
import { createLog } from './http/logSafely'
import { endHalfSent } from './http/patience'
import { defineProjects } from './projects/projectModel'
import { defineVersions } from './versions/versionModel'

/** A server that answers, and how to stop it. */
export interface RunningServer {
  address: string
  log: Logger
  close: () => Promise<void>
}

/** Files from outside that are read at a time. */
const READING_AT_A_TIME = 2
const CONNECTIONS_END_MS = 2000

/** Migrates the database, loads the demo as asked, and listens on loopback. */
export async function startServer(config: Config): Promise<RunningServer> {
  const log = createLog(config.logLevel)
  const sequelize = connect(config.databaseUrl)
  for (const define of [defineProjects, defineChanges, defineAssets, defineJobs, defineVersions])
    define(sequelize)
  await migrateDatabase(sequelize)
  await clearWorkFolders()
  await nameIncompleteFiles(sequelize, log)
  const children = new Children(log, READING_AT_A_TIME)
  if (config.demo !== 'none') await loadDemo(sequelize, children, config.demo)
  const states = new ProjectStates(sequelize)
  const runner = new JobRunner(sequelize, states, log)
  const sweeper = new Sweeper(sequelize, log, config.sweepTimes)
  const stream = new ChangeStream(sequelize, config.databaseUrl, log)
  const server = createServer(createApp({ sequelize, states, runner, children, sweeper, log }))
  endHalfSent(server, config.patienceMs)
  stream.attach(server)
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(config.port, '127.0.0.1', resolve)
  })
  const close = async () => {
    runner.close()
    children.close()
    await stream.close()
    const closed = new Promise((resolve) => server.close(resolve))
    server.closeIdleConnections()
    setTimeout(() => server.closeAllConnections(), CONNECTIONS_END_MS).unref()
    await closed
    await sweeper.close()
    await sequelize.close()
  }
  return { address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, log, close }
}

/** Says which pictures and files lack bytes, so that somebody can add them again. */
async function nameIncompleteFiles(sequelize: Sequelize, log: Logger) {
  for (const { sha256, size, stored, names } of await incompleteBlobs(sequelize)) {
    const what = names.length ? names.map((name) => `“${name}”`).join(', ') : 'An export'
    log.warn({ sha256, size, stored }, `${what} lacks bytes. Add the same file again, and it is whole.`)
  }
}
