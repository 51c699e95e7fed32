import type { IncomingMessage } from 'node:http'
import type { NextFunction, Request, Response } from 'express'

const LOOPBACK = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/

/** Whether a request was made to this machine by name, and by a page of this server if by a page at all. */
export function isFromHere(request: Pick<IncomingMessage, 'headers'>): boolean {
  const { host = '', origin } = request.headers
  if (!LOOPBACK.test(host)) return false
  return origin === undefined || origin === `http://${host}`
}

/**
 * Until there are accounts: only loopback names are answered (no other site's name may be pointed here), and writes
 * must come from our own pages.
 */
export function loopbackOnly(request: Request, response: Response, next: NextFunction) {
  const isRead = request.method === 'GET' || request.method === 'HEAD'
  const { host = '' } = request.headers
  if (isRead ? LOOPBACK.test(host) : isFromHere(request)) return next()
  response
    .status(403)
    .json({ error: 'This server answers only to this machine’s own address, such as http://127.0.0.1.' })
}
