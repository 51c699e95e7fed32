import { createWriteStream } from 'node:fs'
import { Transform } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Request } from 'express'
import { Problem } from './problem'

/**
 * Writes the body of a request to a file as it comes in, so that it is never held in memory.
 * @param most bytes
 * @returns how many bytes it has
 * @throws Problem 413 for a larger one, 415 for a compressed one, 400 for one that was broken off
 */
export async function bodyToFile(request: Request, file: string, most: number): Promise<number> {
  if ((request.headers['content-encoding'] ?? 'identity') !== 'identity')
    throw new Problem(415, 'Send the file uncompressed.')
  const tooLarge = new Problem(413, `This file is larger than ${Math.round(most / 1024 / 1024)} MB.`)
  if (Number(request.headers['content-length'] ?? 0) > most) throw tooLarge
  let size = 0
  const counted = new Transform({
    transform(part: Buffer, _encoding, done) {
      size += part.length
      done(size > most ? tooLarge : null, part)
    },
  })
  // Not part of the pipeline, which would cut the connection before the answer is sent.
  request.pipe(counted)
  const broken = () => counted.destroy(new Problem(400, 'The file was broken off on its way. Send it again.'))
  request.once('error', broken).once('aborted', broken)
  await pipeline(counted, createWriteStream(file))
  return size
}
