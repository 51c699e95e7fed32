import { Router } from 'express'
import { dictionaryFiles } from './dictionary'

const A_WEEK = 7 * 24 * 60 * 60

/** Serves the dictionary to review in the browser. */
export function dictionaryRoutes(): Router {
  const router = Router()
  router.get('/:file', (request, response) => {
    const file = Object.hasOwn(dictionaryFiles, request.params.file)
      ? dictionaryFiles[request.params.file]
      : undefined
    if (!file) return void response.status(404).json({ error: 'There is no such dictionary.' })
    response
      .set('cache-control', `public, max-age=${A_WEEK}`)
      .type('text/plain; charset=utf-8')
      .send(Buffer.from(file))
  })
  return router
}
