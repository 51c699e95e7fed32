import type { NextFunction, Request, Response } from 'express'
import { ZodError } from 'zod'
import type {} from 'pino-http'
import { ProjectFileError } from '@nolvex/core/formats/projectFile'

/** An error a person can act on, with its HTTP status. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}

const UNAVAILABLE = /^Sequelize(Connection|HostNotFound|AccessDenied|Database)|ConnectionAcquireTimeout/

/** Turns whatever went wrong into a status and a sentence; what nobody foresaw is logged and told without details. */
export function problemOf(error: unknown): { status: number; message: string } {
  if (error instanceof Problem) return { status: error.status, message: error.message }
  if (error instanceof ProjectFileError) return { status: 422, message: error.message }
  if (error instanceof ZodError) {
    const [issue] = error.issues
    return { status: 422, message: `${issue.path.join('.') || 'The request'}: ${issue.message}` }
  }
  const { name = '', status, type } = error as { name?: string; status?: number; type?: string }
  if (type === 'entity.too.large') return { status: 413, message: 'This is larger than the server takes.' }
  if (type === 'entity.parse.failed') return { status: 400, message: 'The request is not JSON.' }
  if (UNAVAILABLE.test(name))
    return {
      status: 503,
      message: 'The database does not answer. Your work is kept here and sent when it does.',
    }
  if (status && status < 500) return { status, message: (error as Error).message }
  return {
    status: 500,
    message: 'Something went wrong on the server; nothing was changed. It is in the server’s log.',
  }
}

/** The last handler of the application: answers every error as JSON. */
export function answerProblem(error: unknown, request: Request, response: Response, next: NextFunction) {
  if (response.headersSent) return next(error)
  const { status, message } = problemOf(error)
  if (status >= 500) request.log.error({ err: error }, 'request failed')
  response.status(status).json({ error: message })
}
