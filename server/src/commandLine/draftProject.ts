import { applyChange } from '@nolvex/core/document/apply'
import type { Documents } from '@nolvex/core/document/types'
import { draftPages } from '@nolvex/core/draft/draftPages'
import type { DraftSources } from '@nolvex/core/draft/planPage'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { newId } from '../projects/projectService'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile, saveFile } from './projectFiles'

/** Draws every page that has no drawing yet from the map. */
export const draftProject: Command = {
  name: 'draft',
  usage: 'draft PROJECT -o PROJECT',
  about: 'draws every page that has no drawing yet from the map, at all bands',
  async run({ files: [file], options: { out }, say }) {
    if (!file || !out) throw new Misuse('draft needs a project file and -o with the project file to write.')
    const project = await openFile(file)
    const { documents, count } = drafted(project.name, project.documents)
    await saveFile(out, { ...project, documents })
    say(`${out}: ${count} pages drafted`)
    return 0
  },
}

/** A project's documents with all pages drawn, and how many were not before. */
export function drafted(name: string, documents: Documents): { documents: Documents; count: number } {
  const sources = { ...documents, name } as unknown as DraftSources
  const isDrawn = (page: string) => Object.keys(documents[page]?.records.blocks ?? {}).length > 0
  const waiting = pagesInOrder(sources.site.records.pages)
    .map(({ page }) => page)
    .filter(({ id, kind }) => kind !== 'external' && !isDrawn(id))
  const making = draftPages(sources, waiting, newId)
  let step = making.next()
  while (!step.done) step = making.next()
  const applied = applyChange(documentKinds, documents, step.value)
  return { documents: applied.documents, count: waiting.length }
}
