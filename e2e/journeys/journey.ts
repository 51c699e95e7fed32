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
