import { fork } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { Database, databaseFolder, endProcess } from './database.mjs'
import { CannotGoOn, ensureBuild, ensureModules, ensurePackages, ROOT } from './prerequisites.mjs'

/** Starts everything Nolvex needs and keeps it running until a signal comes. */
const port = Number(process.env.PORT ?? 4180)
const resetDemo = process.argv.includes('--reset-demo')
let database
let server
let stopping = false
/** whether a server has answered since we began: one that never does has a reason that will not pass by itself */
let hasAnswered = false
let restartMs = 0

const FIRST_RESTART_MS = 250
const SLOWEST_RESTART_MS = 30_000
/** A server that lasted so long is started again at once. */
const LASTING_MS = 60_000
const STOP_MS = { SIGTERM: 4000 }

async function main() {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0))
  await checkPort()
  if (!process.env.DATABASE_URL) ensurePackages(['postgresql'])
  ensureModules()
  ensureBuild()
  let databaseUrl = process.env.DATABASE_URL
  if (!databaseUrl) {
    database = new Database(databaseFolder())
    databaseUrl = await database.start()
  }
  startServer(databaseUrl, resetDemo ? 'reset' : 'load')
}

async function checkPort() {
  const probe = createServer()
  await new Promise((resolve, reject) => {
    probe.once('error', () =>
      reject(
        new CannotGoOn(
          `Port ${port} is taken by another program. Choose another: PORT=${port + 1} npm start`,
        ),
      ),
    )
    probe.listen(port, '127.0.0.1', () => probe.close(resolve))
  })
}

function startServer(databaseUrl, demo) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    NOLVEX_DEMO: demo,
    LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
  }
  // Detached, so that Ctrl-C reaches it only through us; it stops by itself when we are gone.
  server = fork(join(ROOT, 'server/dist/main.mjs'), { env, detached: true })
  const startedAt = Date.now()
  server.once('message', () => (hasAnswered = true))
  server.once('exit', () => {
    if (stopping) return
    if (!hasAnswered) return void stop(1)
    const lasted = Date.now() - startedAt > LASTING_MS
    restartMs = lasted ? 0 : Math.min(SLOWEST_RESTART_MS, Math.max(FIRST_RESTART_MS, restartMs * 2))
    console.error('The server stopped unexpectedly and is started again.')
    setTimeout(() => {
      if (!stopping) startServer(databaseUrl, 'load')
    }, restartMs)
  })
}

/** Ends everything within ten seconds, the server before its database; what is frozen is ended by force. */
async function stop(code) {
  if (stopping) return
  stopping = true
  await endProcess(server, ['SIGTERM'], STOP_MS)
  await database?.stop()
  process.exit(code)
}

main().catch((error) => {
  console.error(error instanceof CannotGoOn ? error.message : error)
  void stop(1)
})
