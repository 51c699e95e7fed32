import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { pino } from 'pino'
import { createApp } from './app'
import { defineAssets } from './assets/assetModels'
import type { Config } from './config'
import { connect, migrateDatabase } from './database/connect'
import { loadDemo } from './demo/loadDemo'
import { defineChanges } from './documents/changeModel'
import { ProjectStates } from './documents/projectState'
import { ChangeStream } from './documents/stream'
import { defineJobs } from './exports/jobModel'
import { defineVersions } from './versions/versionModel'
import { JobRunner } from './exports/jobRunner'
import { defineProjects } from './projects/projectModel'

/** A server that answers, and how to stop it. */
export interface RunningServer {
  address: string
  close: () => Promise<void>
}

/** Migrates the database, loads the demo as asked, and listens on loopback. */
export async function startServer(config: Config): Promise<RunningServer> {
  const log = pino({ level: config.logLevel })
  const sequelize = connect(config.databaseUrl)
  for (const define of [defineProjects, defineChanges, defineAssets, defineJobs, defineVersions])
    define(sequelize)
  await migrateDatabase(sequelize)
  if (config.demo !== 'none') await loadDemo(sequelize, config.demo)
  const states = new ProjectStates()
  const runner = new JobRunner(sequelize, states, log)
  const stream = new ChangeStream(config.databaseUrl, log)
  const server = createServer(createApp({ sequelize, states, runner, log }))
  stream.attach(server)
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(config.port, '127.0.0.1', resolve)
  })
  const close = async () => {
    runner.close()
    await stream.close()
    const closed = new Promise((resolve) => server.close(resolve))
    server.closeIdleConnections()
    setTimeout(() => server.closeAllConnections(), 2000).unref()
    await closed
    await sequelize.close()
  }
  return { address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, close }
}
