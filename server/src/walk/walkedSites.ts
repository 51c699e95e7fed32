import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import type { Children } from '../children/children'
import { inWorkFolder } from '../children/workFolder'
import type { Documents } from '@nolvex/core/document/types'
import type { PackExport } from '../exports/jobModel'
import { packInto } from '../exports/packSources'

/** Projects whose pages are kept ready, and what making them may take. */
const MOST = 4
const LIMITS = { seconds: 60, megabytes: 1200 }

const WHOLE_SITE: PackExport = {
  format: 'pack',
  file: 'html',
  pages: [],
  bands: [],
  finish: 'plain',
  scale: 1,
  // One size of each picture is enough to walk through, and made at once.
  responsive: false,
  notes: false,
  // HTML says no day.
  date: '2000-01-01',
}

type Files = Record<string, Uint8Array>

/** The HTML of projects as they are now, for walking through: made once a revision, and kept for a few projects. */
export class WalkedSites {
  private kept = new Map<string, { revision: number; files: Promise<Files> }>()

  constructor(private children: Children) {}

  /** The files of a project by their paths. */
  files(project: { id: string; name: string; revision: number }, documents: Documents): Promise<Files> {
    const known = this.kept.get(project.id)
    if (known?.revision === project.revision) return known.files
    const files = this.make(project, documents)
    this.kept.delete(project.id)
    this.kept.set(project.id, { revision: project.revision, files })
    // What failed is tried again when it is next asked for.
    files.catch(() => this.kept.delete(project.id))
    for (const [oldest] of this.kept) if (this.kept.size > MOST) this.kept.delete(oldest)
    return files
  }

  private make(project: { id: string; name: string }, documents: Documents): Promise<Files> {
    return inWorkFolder(async (folder) => {
      const input = await packInto(folder, project, documents, WHOLE_SITE)
      await this.children.run('render', folder, input, LIMITS)
      return unzipSync(new Uint8Array(await readFile(join(folder, 'result'))))
    })
  }
}
