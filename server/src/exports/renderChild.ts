import { renderMap, type MapInput } from './renderMap'
import { renderPage, type PageInput } from './renderPage'

/** What a child process renders: a page or the map. */
export type RenderInput = PageInput | MapInput

/** A process of its own for one export, so that it can be limited and killed. */
process.once('message', async (input: RenderInput) => {
  try {
    const bytes = input.format === 'map' ? await renderMap(input) : renderPage(input)
    process.send?.({ bytes: Buffer.from(bytes).toString('base64') }, () => process.exit(0))
  } catch (error) {
    process.send?.({ error: (error as Error).message }, () => process.exit(1))
  }
})
