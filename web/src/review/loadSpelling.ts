import { spellingBy, type Spelling } from '@nolvex/core/text/spelling'

let spelling: Promise<Spelling | undefined> | undefined

/** British English; nothing where the dictionary does not load: the rest of review goes on without it. */
export function loadSpelling(): Promise<Spelling | undefined> {
  spelling ??= load().catch(() => {
    spelling = undefined
    return undefined
  })
  return spelling
}

async function load(): Promise<Spelling> {
  const [aff, dic] = await Promise.all(['aff', 'dic'].map(fetchFile))
  return spellingBy(aff, dic)
}

async function fetchFile(kind: string): Promise<string> {
  const response = await fetch(`/dictionaries/en-gb.${kind}`)
  if (!response.ok) throw new Error('The dictionary did not load.')
  return response.text()
}
