const SENTENCES = [
  'Words that say in one or two sentences what a visitor finds here and why it matters to them.',
  'A short text, so that somebody who reads nothing else knows what comes next.',
  'What makes this different, said plainly and in the reader’s own words.',
  'Where it happens, when, and what one has to bring along.',
  'The answer to what people ask most often about this.',
  'What to do if something goes wrong, and whom to ask.',
]

/** What patterns say until the copy is there. */
export const STAND_IN = {
  whoRunsIt: 'Who runs this site, and where they are.',
  whatTheyDo: 'What they do',
  whoTheyAre: 'who they are',
  when: 'Day and month',
  byWhom: 'Day and month, by the one who wrote it',
  whatItHolds: 'What it holds\nWhat else it holds\nAnd what not',
  wayThere: 'Address: Street and number, town\nBy bus: line and stop\nBy car: where to park',
  whereToAsk: 'Telephone: on request\nOpen: Monday to Friday, 9 to 17\nAddress: Street and number, town',
}

/** What parts that were made up are called, each with its number. */
const COUNTED = [
  ...['Name', 'Feature', 'Step', 'Pane', 'Offer', 'Question', 'Card', 'What it counts', 'Somebody'],
  'Something new',
] as const
export type CountedStandIn = (typeof COUNTED)[number]

/** Words that stand until the copy is there. */
export const standIn = (index = 0): string => SENTENCES[index % SENTENCES.length]

const STAND_INS = new Set<string>([...SENTENCES, ...Object.values(STAND_IN)])
const PART = new RegExp(`^(?:${COUNTED.join('|')}) \\d+\\??(?:, ${STAND_IN.whoTheyAre})?$`)

/** Whether words only stand until the copy is there. */
export function isStandIn(text: string): boolean {
  const words = text.trim().replace(/^“(.*)”$/s, '$1')
  return STAND_INS.has(words) || PART.test(words)
}
