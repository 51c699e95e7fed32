/** Neither package brings types. */
declare module 'fontverter' {
  export function convert(font: Buffer, to: 'sfnt' | 'woff' | 'woff2'): Promise<Buffer>
}
declare module 'subset-font' {
  export default function subsetFont(
    font: Buffer,
    text: string,
    options: {
      keepAllGlyphs: boolean
      variationAxes: Record<string, number>
      targetFormat: 'sfnt'
    },
  ): Promise<Buffer>
}
