import dictionary from 'dictionary-en-gb'
import { spellingBy, type Spelling } from '@nolvex/core/text/spelling'

/** The files of the dictionary that ships with the application, by their names. */
export const dictionaryFiles: Record<string, Uint8Array> = {
  'en-gb.aff': dictionary.aff,
  'en-gb.dic': dictionary.dic,
}

let spelling: Spelling | undefined

/** British English, by the dictionary that ships. */
export function shippedSpelling(): Spelling {
  const text = (bytes: Uint8Array) => new TextDecoder().decode(bytes)
  return (spelling ??= spellingBy(text(dictionary.aff), text(dictionary.dic)))
}
