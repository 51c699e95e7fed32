import { textDifference, type RichText } from '../../document/richText'
import type { Spelling } from '../../text/spelling'
import { wordsToSpell } from '../../text/spelling'
import { atLead, blockAt, named, type Sight } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** share of words nobody knows from which on a page is in another language */
const OTHER_LANGUAGE = 0.25
/** words from which that can be told */
const ENOUGH = 12

/** Words no dictionary has, and nobody called a word. Silent without a dictionary, and on pages in other languages. */
export const misspelt: DrawingRule = {
  id: 'misspelt',
  label: 'Words that may be misspelt',
  why: 'One wrong letter makes a visitor doubt the rest. A word of your own is said to be one once.',
  severity: 'slight',
  from: 'plain',
  find: (facts) => {
    const { spelling, sources } = facts
    if (!spelling) return []
    const own = sources.site.records.settings.site.ownWords ?? {}
    return atLead(facts, ({ seen }) => {
      const texts = seen.filter(({ words }) => words)
      const words = texts.flatMap((of) => wordsToSpell(of.words).map(({ word }) => ({ of, word })))
      const unknown = words.filter(({ word }) => !own[word.toLowerCase()] && !spelling.isKnown(word))
      if (words.length >= ENOUGH && unknown.length / words.length > OTHER_LANGUAGE) return []
      return unknown.map(({ of, word }, index) =>
        index < MOST_SUGGESTED ? misspeltIn(facts, spelling, of, word) : toldOf(of, word),
      )
    })
  },
}

/** words of a page that likely ones are looked for: each takes a while */
const MOST_SUGGESTED = 8

const toldOf = (of: Seen, word: string): Sight => ({
  ...{ of, word },
  says: `“${word}” in ${named(of)} is in no dictionary`,
})

function misspeltIn(facts: DrawingFacts, spelling: Spelling, of: Seen, word: string): Sight {
  const [likely] = spelling.suggestions(word)
  const { document, record } = of.block.node.origin
  const block = of.node.isPart ? undefined : blockAt(facts, document, record)
  const text = block?.content ? undefined : block?.text
  const told = toldOf(of, word)
  if (!likely || !text) return told
  const delta = textDifference(text, replaced(text, word, likely))
  if (delta.length === 0) return told
  const operations = [{ type: 'edit' as const, collection: 'blocks', id: record, path: ['text'], delta }]
  const parts = [{ document, kind: 'drawing', operations }]
  return { ...told, fix: { label: `Write “${likely}”`, parts } }
}

/** A text with a word written otherwise wherever it stands by itself. */
function replaced(text: RichText, word: string, other: string): RichText {
  return text.map((run) => {
    const places = wordsToSpell(run.insert).filter((found) => found.word === word)
    const insert = places.reduceRight(
      (words, { at }) => words.slice(0, at) + other + words.slice(at + word.length),
      run.insert,
    )
    return { ...run, insert }
  })
}
