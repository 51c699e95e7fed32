import type { NextFunction, Request, Response } from 'express'
import { ZodError } from 'zod'
import type {} from 'pino-http'
import { Problem } from './problem'

/** What PostgreSQL says when it cannot answer now: connections, resources, shutting down, deadlocks (appendix A). */
const UNAVAILABLE_CODES = /^(?:08|53|57P|40)/
const UNAVAILABLE_NAMES =
  /^Sequelize(?:Connection|HostNotFound|HostNotReachable|AccessDenied|InvalidConnection)/
/** What it says of values it cannot hold: ill-formed text, numbers out of range. */
const UNFIT_CODES = /^22/
const LOST = /^(?:Connection terminated|read ECONNRESET|write EPIPE|Client has encountered)/

interface AnyError {
  name?: string
  status?: number
  type?: string
  message?: string
  original?: { code?: string; message?: string }
}

/** Whether the database does not answer, so that the same may succeed later. */
export function isUnavailable(error: unknown): boolean {
  const { name = '', message = '', original } = (error ?? {}) as AnyError
  const { code = '', message: said = message } = original ?? {}
  return UNAVAILABLE_NAMES.test(name) || UNAVAILABLE_CODES.test(code) || (!code && LOST.test(said))
}

/** Turns whatever went wrong into a status and a sentence; what nobody foresaw is told without details. */
export function problemOf(error: unknown): { status: number; message: string } {
  if (error instanceof Problem) return { status: error.status, message: error.message }
  if (error instanceof ZodError) {
    const [issue] = error.issues
    return { status: 422, message: `${issue.path.join('.') || 'The request'}: ${issue.message}` }
  }
  const { status, type, message = '', original } = (error ?? {}) as AnyError
  if (type === 'entity.too.large') return { status: 413, message: 'This is larger than the server takes.' }
  if (type === 'entity.parse.failed') return { status: 400, message: 'The request is not JSON.' }
  if (type === 'encoding.unsupported') return { status: 415, message: 'Send the request uncompressed.' }
  if (isUnavailable(error))
    return {
      status: 503,
      message: 'The database does not answer. Your work is kept here and sent when it does.',
    }
  if (UNFIT_CODES.test(original?.code ?? ''))
    return { status: 422, message: 'The request holds a value the database cannot keep.' }
  if (status && status >= 400 && status < 500) return { status, message: message.slice(0, 200) }
  return {
    status: 500,
    message: 'Something went wrong on the server; nothing was changed. It is in the server’s log.',
  }
}

/** ms for which what a refused upload still sends is read */
const LINGER_MS = 1000

/**
 * Reads what a refused upload still sends, for a while, and throws it away: a connection that is cut while somebody
 * writes takes the answer with it. @see RFC 9112, 9.6
 */
function throwAway(request: Request) {
  const cut = setTimeout(() => request.socket.destroy(), LINGER_MS)
  request.once('close', () => clearTimeout(cut))
  request.resume()
}

/** The last handler of the application: answers every error as JSON. */
export function answerProblem(error: unknown, request: Request, response: Response, next: NextFunction) {
  if (response.headersSent) return next(error)
  const { status, message } = problemOf(error)
  if (status >= 500) request.log.error({ err: error }, 'request failed')
  if (!request.complete) throwAway(request)
  // A handler may have said already how what it was about to send is kept and named.
  response.setHeader('cache-control', 'no-store')
  response.removeHeader('content-disposition')
  response.status(status).json({ error: message })
}
