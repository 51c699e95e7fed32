import { expectEqual } from '../expect'
import type { Database } from '../../scripts/database.mjs'
import type { Person } from '../person'
import type { Site } from '../site'

export interface Stage {
  person: Person
  site: Site
  database: Database
}

/** One thing a person does from beginning to end, on a site of its own. */
export interface Journey {
  name: string
  run: (stage: Stage) => Promise<void>
}

/** The documents of a project as the server has them. */
export interface ServerDocuments {
  revision: number
  documents: Record<string, { records: Record<string, Record<string, Record<string, unknown>>> }>
}

export const documentsOf = (site: Site, project: string) =>
  site.ask<ServerDocuments>(`/api/projects/${project}/documents`)

/** ms that looking all pages of a project over, painted and at every width, may take on a busy machine */
export const ALL_LOOKED_AT = 120_000

let made = 0

/** Makes a change to a project from elsewhere. */
export async function commitParts(site: Site, project: string, parts: object[]): Promise<void> {
  const id = `elsewhere${String(++made).padStart(7, '0')}`
  const change = { id, client: 'elsewhere0000000', base: 0, label: 'Prepare', parts }
  const headers = { 'content-type': 'application/json' }
  const init = { method: 'POST', headers, body: JSON.stringify(change) }
  const { outcomes } = await site.ask<{ outcomes: object[] }>(`/api/projects/${project}/changes`, init)
  expectEqual(outcomes, [], 'prepared')
}
