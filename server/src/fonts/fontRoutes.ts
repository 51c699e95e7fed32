import { Router } from 'express'
import { fontCatalogue, fontFileName } from '@nolvex/core/text/fontCatalogue'
import { shippedFontPath } from './shippedFonts'

/** The shipped fonts, the same files the shaper and the PNG writer use. */
export function fontRoutes(): Router {
  const router = Router()
  for (const font of fontCatalogue) {
    router.get(`/${fontFileName(font)}`, (_request, response) => {
      response.sendFile(shippedFontPath(font), {
        maxAge: '1y',
        immutable: true,
        headers: { 'content-type': 'font/ttf' },
      })
    })
  }
  return router
}
