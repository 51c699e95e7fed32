import type { IncomingMessage, Server } from 'node:http'

const LOOK_MS = 2000

/**
 * Ends connections whose request stops coming in for `patienceMs`: its head by Node's own rule, its body by looking
 * whether bytes still arrive. A request that has come in whole may take as long as it needs.
 */
export function endHalfSent(server: Server, patienceMs: number): void {
  server.headersTimeout = patienceMs
  // A body as large as is taken may need long on a slow line, as long as it keeps coming.
  server.requestTimeout = 0
  const open = new Map<IncomingMessage, { bytes: number; since: number }>()
  server.prependListener('request', (request: IncomingMessage) => {
    open.set(request, { bytes: -1, since: Date.now() })
    request.once('close', () => open.delete(request))
  })
  const look = () => {
    for (const [request, seen] of open) {
      const { bytesRead } = request.socket
      if (request.complete) open.delete(request)
      else if (bytesRead !== seen.bytes) open.set(request, { bytes: bytesRead, since: Date.now() })
      else if (Date.now() - seen.since >= patienceMs) request.socket.destroy()
    }
  }
  const timer = setInterval(look, Math.min(LOOK_MS, patienceMs))
  timer.unref()
  server.once('close', () => clearInterval(timer))
}
