import { Router } from 'express'
import { z } from 'zod'
import { viewportCounts } from './viewportCounts'

const query = z.object({ days: z.coerce.number().int().min(1).max(365).default(28) })
const VISITS_A_DAY = 410

/** A stand-in for an analytics service: viewport sizes with their visits over the last days. */
export function analyticsService(): Router {
  const router = Router()
  router.get('/viewports', (request, response) => {
    const { days } = query.parse(request.query)
    const weights = viewportCounts.reduce((sum, [, , weight]) => sum + weight, 0)
    const sizes = viewportCounts.map(([width, height, weight]) => {
      return { width, height, visits: Math.round((weight / weights) * VISITS_A_DAY * days) }
    })
    response.json({ days, sizes })
  })
  return router
}
