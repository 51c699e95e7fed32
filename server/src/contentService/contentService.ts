import { Router } from 'express'
import { Problem } from '../http/problem'
import { isles, notices, sailings } from './ferryLists'

/**
 * A stand-in for the content service a site would be filled from: lists of like records over HTTP, as our invented
 * ferry line might offer them.
 */
export function contentService(): Router {
  const lists: Record<string, object[]> = { isles, sailings, notices }
  const router = Router()
  router.get('/', (_request, response) => {
    response.json({
      lists: Object.entries(lists).map(([name, records]) => ({ name, records: records.length })),
    })
  })
  router.get('/:list', (request, response) => {
    const { list } = request.params
    if (!Object.hasOwn(lists, list)) {
      throw new Problem(
        404,
        `The content service has no list “${list}”. It has ${Object.keys(lists).join(', ')}.`,
      )
    }
    response.json({ list, records: lists[list] })
  })
  return router
}
