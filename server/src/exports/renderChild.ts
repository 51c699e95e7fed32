import { renderGrid, type GridInput } from './renderGrid'
import { renderMap, type MapInput } from './renderMap'
import { renderPage, type PageInput } from './renderPage'

/** What a child process renders: a page, the map or the grid. */
export type RenderInput = PageInput | MapInput | GridInput

function render(input: RenderInput): Uint8Array | Promise<Uint8Array> {
  if (input.format === 'map') return renderMap(input)
  return input.format === 'grid' ? renderGrid(input) : renderPage(input)
}

/** A process of its own for one export, so that it can be limited and killed. */
process.once('message', async (input: RenderInput) => {
  try {
    const bytes = await render(input)
    process.send?.({ bytes: Buffer.from(bytes).toString('base64') }, () => process.exit(0))
  } catch (error) {
    process.send?.({ error: (error as Error).message }, () => process.exit(1))
  }
})
