import { readConfig } from './config'
import { startServer, type RunningServer } from './server'

/** Starts the server and stops it on a signal, or when the process that started it is gone. */
async function main() {
  const config = readConfig(process.env)
  const server = await startServer(config)
  keepServing(server)
  console.log(`Nolvex is at ${server.address}`)
  process.send?.({ address: server.address })
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void stop(server))
  if (process.send) process.once('disconnect', () => void stop(server))
}

/**
 * What nobody foresaw ends one request and not the server: all that lasts is written in transactions, and what is kept
 * in memory is read anew by revision.
 */
function keepServing({ log }: RunningServer) {
  for (const event of ['uncaughtException', 'unhandledRejection'] as const)
    process.on(event, (error: unknown) => log.fatal({ err: error }, 'nobody foresaw this'))
}

async function stop(server: RunningServer) {
  await server.close()
  process.exit(0)
}

main().catch((error: NodeJS.ErrnoException) => {
  const isBusy = error.code === 'EADDRINUSE'
  console.error(
    isBusy
      ? `Port ${process.env.PORT ?? 4180} is taken by another program. Choose another: PORT=4181 npm start`
      : `The server could not start: ${error.message}`,
  )
  process.exit(isBusy ? 3 : 1)
})
