import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Response } from 'express'
import type { Sequelize } from 'sequelize'
import { Problem } from '../http/problem'
import { readBlob, wholeSize } from './blobs'

/**
 * Sends a blob part by part. What breaks off on the way ends the connection, so that nobody takes a half for the whole.
 * @throws Problem 410 before anything is sent when bytes of it are missing
 */
export async function sendBlob(
  sequelize: Sequelize,
  response: Response,
  sha256: string,
  name: string,
): Promise<void> {
  const size = await wholeSize(sequelize, sha256)
  if (size === undefined)
    throw new Problem(
      410,
      `“${name}” is stored incompletely. Add the same file again, and it is whole here too.`,
    )
  response.setHeader('content-length', size)
  await pipeline(Readable.from(readBlob(sha256)), response).catch((error: unknown) => {
    response.destroy()
    if (response.req.socket && !response.req.socket.destroyed) response.req.socket.destroy()
    if (!response.req.aborted) response.req.log.warn({ err: error }, 'a file was broken off')
  })
}
