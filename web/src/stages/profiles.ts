import { stages } from './stages'

/** Usual choices of stages, by what they are called; the map is in all of them. */
export const PROFILES: Readonly<Record<string, (stage: string) => boolean>> = {
  'All stages': () => true,
  'No wireframes': (stage) => stage !== 'wireframe',
  'Map and style only': (stage) => stage === 'map' || stage === 'style',
}

/** The stages a choice takes, or nothing where it takes all. */
export function profileOf(takes: (stage: string) => boolean): string[] | undefined {
  const names = stages.map(({ name }) => name).filter(takes)
  return names.length === stages.length ? undefined : names
}
