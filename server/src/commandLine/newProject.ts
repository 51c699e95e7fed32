import { basename } from 'node:path'
import { applyChange } from '@nolvex/core/document/apply'
import type { Documents } from '@nolvex/core/document/types'
import { emptyContent } from '@nolvex/core/content/content'
import { guessFormat, readPages } from '@nolvex/core/formats/readPages'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { mergePages } from '@nolvex/core/site/mergePages'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { newId } from '../projects/projectService'
import type { Command } from './command'
import { Misuse } from './misuse'
import { readBytes, saveFile } from './projectFiles'

/** Begins a project from a list of pages, in any format pages are brought in from. */
export const newProject: Command = {
  name: 'new',
  usage: 'new PAGES -o PROJECT',
  about: 'begins a project from a list of pages (indented text, addresses, CSV, OPML or sitemap.xml)',
  async run({ files: [list], options: { out }, say }) {
    if (!list || !out) throw new Misuse('new needs a list of pages and -o with the project file to write.')
    const text = (await readBytes(list)).toString('utf8')
    const pages = readList(list, text)
    const { operations, added } = mergePages({}, pages, null, 'merge', newId)
    const empty = { site: usualSite, style: plainStyle, content: emptyContent } as unknown as Documents
    const applied = applyChange(documentKinds, empty, [{ document: 'site', kind: 'site', operations }])
    const name = basename(list).replace(/\.[^.]*$/, '') || 'Untitled'
    await saveFile(out, { name, documents: applied.documents, assets: [] })
    say(`${out}: ${added} pages`)
    return 0
  },
}

function readList(path: string, text: string) {
  try {
    return readPages(guessFormat(text, path), [text]).pages
  } catch (error) {
    throw new Misuse(`“${path}”: ${(error as Error).message}`)
  }
}
