import type { Page } from '../site/site'
import type { Finding } from './finding'

/** That a rule could not be looked for on a page, as what it found there. */
export function notLookedFor(
  { id, label }: { id: string; label: string },
  page: Page,
  error: unknown,
): Finding {
  const title = `“${page.title || 'Untitled'}”`
  const says = `“${label}” could not be looked for on ${title}: ${(error as Error).message}`
  return { rule: id, severity: 'slight', place: { collection: 'pages', id: page.id }, says }
}

/** What a rule finds on a page; where it fails that is told, and others go on. */
export async function orSaid(
  rule: { id: string; label: string },
  page: Page,
  find: () => Finding[] | Promise<Finding[]>,
): Promise<Finding[]> {
  try {
    return await find()
  } catch (error) {
    return [notLookedFor(rule, page, error)]
  }
}
