import { fork } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { Database, databaseFolder } from './database.mjs'
import { CannotGoOn, ensureBuild, ensureModules, ensurePackages, ROOT } from './prerequisites.mjs'

/** Starts everything Nolvex needs and keeps it running until a signal comes. */
const port = Number(process.env.PORT ?? 4180)
const resetDemo = process.argv.includes('--reset-demo')
let database
let server
let stopping = false

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
  server.once('exit', (code) => {
    if (stopping) return
    if (code === 3 || Date.now() - startedAt < 5000) return void stop(1)
    console.error('The server stopped unexpectedly and is started again.')
    startServer(databaseUrl, 'load')
  })
}

async function stop(code) {
  if (stopping) return
  stopping = true
  if (server && server.exitCode === null && server.signalCode === null) {
    const gone = new Promise((resolve) => server.once('exit', resolve))
    server.kill('SIGTERM')
    const timer = setTimeout(() => server.kill('SIGKILL'), 8000)
    await gone
    clearTimeout(timer)
  }
  await database?.stop()
  process.exit(code)
}

main().catch((error) => {
  console.error(error instanceof CannotGoOn ? error.message : error)
  void stop(1)
})
