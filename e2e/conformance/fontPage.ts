import { readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { fontCatalogue, fontFileName } from '@nolvex/core/text/fontCatalogue'
import { shippedFontPath } from '@nolvex/server/fonts/shippedFonts'

/** Rules that load the shipped fonts from the page `serveFonts` serves. */
export const fontFaces = (): string =>
  fontCatalogue
    .map((font) => {
      const style = font.italic ? 'italic' : 'normal'
      return `@font-face{font-family:"${font.family}";font-weight:${font.weight};font-style:${style};src:url(/${fontFileName(font)})}`
    })
    .join('')

/** An empty page with the shipped fonts, on loopback: fonts do not load into a page without an origin. */
export async function serveFonts() {
  const samples = fontCatalogue
    .map(
      ({ family, weight, italic }) =>
        `<p style="font:${italic ? 'italic ' : ''}${weight} 16px '${family}'">fonts</p>`,
    )
    .join('')
  const server = createServer((request, response) => {
    const font = fontCatalogue.find((one) => request.url === `/${fontFileName(one)}`)
    if (font) response.setHeader('content-type', 'font/ttf').end(readFileSync(shippedFontPath(font)))
    else
      response
        .setHeader('content-type', 'text/html')
        .end(`<!doctype html><style>${fontFaces()}</style><body>${samples}</body>`)
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as AddressInfo
  return { address: `http://127.0.0.1:${port}/`, close: () => server.close() }
}
