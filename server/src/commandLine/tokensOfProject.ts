import { writeFile } from 'node:fs/promises'
import { writeDtcg } from '@nolvex/core/formats/tokens/dtcgWriter'
import { writePalette } from '@nolvex/core/formats/tokens/palette'
import { writeTokensCss } from '@nolvex/core/formats/tokens/tokensCss'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { StyleDocument } from '@nolvex/core/style/style'
import { rootFontSize, usualEnvironment } from '@nolvex/core/units/environment'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile } from './projectFiles'

const FORMATS = ['dtcg', 'css', 'gpl']

/** Writes the tokens of a project's style guide. */
export const tokensOfProject: Command = {
  name: 'tokens',
  usage: 'tokens PROJECT --as dtcg|css|gpl [--out FILE]',
  about: 'writes the tokens of its style guide, to standard output where no file is named',
  async run({ files: [file], options: { as = 'dtcg', out }, say }) {
    if (!file) throw new Misuse('tokens needs a project file.')
    if (!FORMATS.includes(as)) throw new Misuse(`--as is one of ${FORMATS.join(', ')}, not “${as}”.`)
    const { name, documents } = await openFile(file)
    const style = documents.style as unknown as StyleDocument
    const { rootSize = 100 } = (documents.site as unknown as SiteDocument).records.settings.site
    const text = written(as, style, name, rootFontSize({ ...usualEnvironment, rootSize }))
    if (out) await writeFile(out, text)
    else say(text.trimEnd())
    return 0
  },
}

function written(as: string, style: StyleDocument, name: string, root: number): string {
  if (as === 'css') return writeTokensCss(style, root)
  return as === 'gpl' ? writePalette(style, name) : writeDtcg(style)
}
