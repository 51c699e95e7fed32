import { renderPage, type RenderInput } from './renderPage'

/** A process of its own for one export, so that it can be limited and killed. */
process.once('message', (input: RenderInput) => {
  try {
    const bytes = renderPage(input)
    process.send?.({ bytes: Buffer.from(bytes).toString('base64') }, () => process.exit(0))
  } catch (error) {
    process.send?.({ error: (error as Error).message }, () => process.exit(1))
  }
})
