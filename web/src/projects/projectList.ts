import type { ProjectSummary } from '../session/api'

/** What projects can be sorted by. */
export const PROJECT_ORDERS = {
  changed: 'last changed first',
  begun: 'last begun first',
  name: 'by name',
} as const
export type ProjectOrder = keyof typeof PROJECT_ORDERS

const byName = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
const compare: Record<ProjectOrder, (a: ProjectSummary, b: ProjectSummary) => number> = {
  changed: (a, b) => Date.parse(b.updatedAt) - Date.parse(a.updatedAt),
  begun: (a, b) => Date.parse(b.createdAt) - Date.parse(a.createdAt),
  name: (a, b) => byName.compare(a.name, b.name),
}

/** The projects whose names have all of some words, in an order. */
export function listed(projects: ProjectSummary[], words: string, order: ProjectOrder): ProjectSummary[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return projects
    .filter(({ name }) => wanted.every((word) => name.toLowerCase().includes(word)))
    .sort((a, b) => compare[order](a, b) || byName.compare(a.name, b.name))
}
