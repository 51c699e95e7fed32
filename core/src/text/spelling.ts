import nspell from 'nspell'

/** Which words there are, and what a wrong one may have been meant to be. */
export interface Spelling {
  isKnown: (word: string) => boolean
  /** the likeliest first */
  suggestions: (word: string) => string[]
}

/**
 * Spelling by a Hunspell dictionary.
 * @param aff its affixes, @param dic its words, as the files have them
 */
export function spellingBy(aff: string, dic: string): Spelling {
  const speller = nspell(aff, dic)
  const known = new Map<string, boolean>()
  // Looking for likely words takes half a second for some.
  const suggested = new Map<string, string[]>()
  const check = (word: string) => speller.correct(word) || speller.correct(withS(word))
  return {
    isKnown: (word) => {
      const before = known.get(word)
      if (before !== undefined) return before
      const found = check(word)
      known.set(word, found)
      return found
    },
    suggestions: (word) => {
      const before = suggested.get(word)
      if (before) return before
      const found = speller.suggest(word)
      suggested.set(word, found)
      return found
    },
  }
}

/** British dictionaries have -ise; -ize is as good (Oxford spelling). */
const withS = (word: string) => word.replace(/iz(e|es|ed|er|ers|ing|ation|ations)$/, 'is$1')

/** A word of a text, and where it begins. */
export interface FoundWord {
  word: string
  at: number
}

/**
 * Words of a text that a dictionary may know: in small letters, without figures. What is written with a capital is a name
 * or begins a sentence, and addresses are no words.
 */
export function wordsToSpell(text: string): FoundWord[] {
  const found: FoundWord[] = []
  for (const { 0: run, index } of text.matchAll(/[\p{L}\p{N}’'@./:_-]+/gu)) {
    if (/[@/_\p{N}]|\w\.\w|:\S/u.test(run)) continue
    for (const { 0: word, index: within } of run.matchAll(/\p{Ll}[\p{L}’']*/gu)) {
      const before = run[within - 1]
      if (before !== undefined && /[\p{L}’']/u.test(before)) continue
      const bare = word.replace(/[’']s?$/u, '').replaceAll('’', "'")
      if (bare.length > 2) found.push({ word: bare, at: index + within })
    }
  }
  return found
}
