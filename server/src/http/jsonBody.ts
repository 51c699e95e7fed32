import type { IncomingMessage, ServerResponse } from 'node:http'
import express from 'express'
import { jsonTrouble } from '@nolvex/core/document/jsonTrouble'
import { Problem } from './problem'

type Handler = (request: IncomingMessage, response: ServerResponse, next: (error?: unknown) => void) => void

/**
 * Reads a JSON body of at most `limit`, uncompressed; text that is not well formed and endless nesting are refused,
 * since neither could be kept.
 */
export function jsonBody(limit = '100kb'): Handler {
  const read = express.json({ limit, inflate: false })
  return (request, response, next) =>
    read(request, response, (error?: unknown) => {
      if (error) return next(error)
      const trouble = jsonTrouble((request as IncomingMessage & { body?: unknown }).body)
      next(trouble ? new Problem(422, trouble) : undefined)
    })
}
