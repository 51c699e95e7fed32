declare module 'nspell' {
  interface Speller {
    correct: (word: string) => boolean
    suggest: (word: string) => string[]
  }
  export default function nspell(aff: string, dic: string): Speller
}
