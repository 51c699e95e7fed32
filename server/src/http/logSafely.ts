import { pino, type Logger } from 'pino'
import type { IncomingMessage, ServerResponse } from 'node:http'

interface ThrownError {
  name?: string
  message?: string
  stack?: string
  code?: string
  original?: { code?: string; message?: string }
}

/** The places of a stack, without the message above them. */
const placesOf = (stack = '') =>
  stack
    .split('\n')
    .filter((line) => line.trimStart().startsWith('at '))
    .slice(0, 12)

const LONGEST = 200
/** What stands in quotes in a message is most likely what somebody wrote. */
const QUOTED = /"[^"]*"?|“[^”]*”?|'[^']*'?/g

/** What is written of errors, requests and answers. */
export const serializers = {
  // Of an error only what it is and where: database errors carry their statements and values, which are people's words.
  err: ({ name, message = '', stack, code, original }: ThrownError) => ({
    name,
    code: code ?? original?.code,
    message: original
      ? `database: ${original.code ?? 'no code'}`
      : message.replace(QUOTED, '…').slice(0, LONGEST),
    places: placesOf(stack),
  }),
  req: ({ id, method, url }: IncomingMessage & { id?: unknown }) => ({
    id,
    method,
    path: url?.split('?')[0],
  }),
  res: ({ statusCode }: ServerResponse) => ({ statusCode }),
}

/** A log that holds no text of any document. */
export const createLog = (level: string): Logger => pino({ level, serializers })
