import type { Block } from '../block/block'

/** A block that pasted words become. */
interface Piece {
  tag?: Block['tag']
  list?: 'points' | 'numbers'
  lines: string[]
}

const POINT = /^\s*[-*•–]\s+/
const NUMBER = /^\s*\d{1,3}[.)]\s+/
const HEADING = /^(#{1,6})\s+/
/** characters up to which a line that ends without a stop may be a heading */
const LONGEST_HEADING = 70
const LONGEST_TEXT = 5000
const MOST_BLOCKS = 500

/**
 * Words from elsewhere as blocks: headings, paragraphs and lists. Empty lines part paragraphs; a short line of its own with
 * no stop at its end, followed by more, is a heading, as is one that begins with #; lines that begin with a dash, a point
 * or a number are a list.
 */
export function textAsBlocks(text: string, newId: () => string): Block[] {
  return piecesOf(text)
    .slice(0, MOST_BLOCKS)
    .map(({ tag, list, lines }): Block => {
      const words = lines.join(list ? '\n' : ' ').slice(0, LONGEST_TEXT)
      return {
        id: newId(),
        order: 'a0',
        kind: list ? 'list' : 'text',
        ...(tag ? { tag } : {}),
        ...(list === 'numbers' ? { data: { of: 'numbers' } } : {}),
        text: [{ insert: words }],
      }
    })
}

function piecesOf(text: string): Piece[] {
  const paragraphs = text
    .replaceAll('\r\n', '\n')
    .split(/\n\s*\n/)
    .map((part) => part.split('\n').filter((line) => line.trim()))
    .filter((lines) => lines.length > 0)
  return paragraphs.flatMap((lines, index) => paragraphPieces(lines, index < paragraphs.length - 1))
}

/** @param isFollowed whether more comes after it */
function paragraphPieces(lines: string[], isFollowed: boolean): Piece[] {
  const pieces: Piece[] = []
  for (const line of lines) {
    const list = POINT.test(line) ? 'points' : NUMBER.test(line) ? 'numbers' : undefined
    const heading = HEADING.exec(line)
    const words = line.replace(POINT, '').replace(NUMBER, '').replace(HEADING, '').trim()
    const last = pieces.at(-1)
    if (heading) pieces.push({ tag: levelTag(heading[1].length), lines: [words] })
    else if (last && last.list === list && !last.tag) last.lines.push(words)
    else pieces.push({ list, lines: [words] })
  }
  const [first] = pieces
  const isShort = !first.list && first.lines.length === 1 && isHeading(first.lines[0])
  const hasMore = pieces.length > 1 || isFollowed
  return isShort && hasMore && !first.tag ? [{ ...first, tag: 'h2' }, ...pieces.slice(1)] : pieces
}

const isHeading = (line: string) => line.length <= LONGEST_HEADING && !/[.!?:;,]$/.test(line)
const levelTag = (level: number) => `h${level}` as Block['tag']
