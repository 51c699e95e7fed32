import { readColour } from '../../colour/readColour'
import { alphaOf } from '../../colour/spaces'
import type { StyleDocument } from '../../style/style'
import { tokenColour } from '../../style/token'
import { ImportError, type ImportRemark } from '../importedPages'
import {
  LONGEST_TOKEN_FILE,
  MOST_TOKENS,
  roleByName,
  type ImportedToken,
  type ImportedTokens,
} from './importedTokens'
import { namedTokens } from './tokenNames'

const FIRST_LINE = 'GIMP Palette'

/**
 * The colours of a style guide as a palette that drawing programs read: red, green and blue of each, then its name.
 * @see the GPL palette format: a line “GIMP Palette”, headers, then colours
 */
export function writePalette({ records }: Pick<StyleDocument, 'records'>, name: string): string {
  const oneLine = (text: string) => text.replace(/\s+/g, ' ').trim()
  const lines = namedTokens(records.tokens).flatMap(({ token }) => {
    const hex = token.type === 'colour' ? tokenColour(records.tokens, token.id) : undefined
    if (!hex || alphaOf(hex) === 0) return []
    const channels = [1, 3, 5].map((at) => String(parseInt(hex.slice(at, at + 2), 16)).padStart(3, ' '))
    return [`${channels.join(' ')}\t${oneLine(token.name)}`]
  })
  return `${[FIRST_LINE, `Name: ${oneLine(name)}`, '#', ...lines].join('\n')}\n`
}

const COLOUR_LINE = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(\S.*))?$/

/**
 * Reads a palette: lines of red, green, blue and a name.
 * @throws ImportError for what is none
 */
export function readPalette(text: string): ImportedTokens {
  const lines = linesOf(text)
  if (lines[0]?.trim() !== FIRST_LINE)
    throw new ImportError(`The file does not begin with “${FIRST_LINE}”. Choose a GPL palette.`)
  const tokens: ImportedToken[] = []
  const remarks: ImportRemark[] = []
  lines.slice(1).forEach((line, index) => {
    if (!line.trim() || /^(?:#|Name:|Columns:)/i.test(line.trim())) return
    const match = COLOUR_LINE.exec(line)
    const channels = match?.slice(1, 4).map(Number) ?? []
    if (!match || channels.some((one) => one > 255))
      return remarks.push({
        line: index + 2,
        remark: `“${line.trim().slice(0, 60)}” is no colour and is left out.`,
      })
    const value = `#${channels.map((one) => one.toString(16).padStart(2, '0')).join('')}`
    tokens.push(named(match[4]?.trim() ?? value, value))
  })
  if (tokens.length === 0) throw new ImportError('The palette has no colours. Choose another.')
  return { tokens: atMost(tokens), remarks }
}

/**
 * Reads colours from lines of text: a name and a colour each, in either order, with or without bullets; lines without a
 * colour name the group of those below them that stand deeper.
 * @throws ImportError where no line has a colour
 */
export function readColourList(text: string): ImportedTokens {
  const tokens: ImportedToken[] = []
  const remarks: ImportRemark[] = []
  let groups: { depth: number; name: string }[] = []
  linesOf(text).forEach((line, index) => {
    const said = line.trim().replace(/^[-*•–+]\s+/, '')
    if (!said) return
    const depth = line.length - line.trimStart().length
    groups = groups.filter((group) => group.depth < depth)
    const found = colourIn(said)
    if (found) {
      const name = [...groups.map((group) => group.name), found.name].filter(Boolean).join(' ')
      tokens.push(named(name || found.value, found.value))
    } else if (said.length <= 60) groups.push({ depth, name: said.replace(/:$/, '') })
    else remarks.push({ line: index + 1, remark: `“${said.slice(0, 40)}…” has no colour and is left out.` })
  })
  if (tokens.length === 0)
    throw new ImportError(
      'No line has a colour. Write one a line, such as “Main #1f5b4c” or “Sand: rgb(240 230 210)”.',
    )
  return { tokens: atMost(tokens), remarks }
}

const COLOUR = /#[\da-f]{3,8}\b|\b(?:rgba?|hsla?|hwb|lab|lch|oklab|oklch)\([^()]{1,80}\)/i

function colourIn(line: string): { name: string; value: string } | undefined {
  const match = COLOUR.exec(line)
  const written = match?.[0] ?? line.split(/[:\s]+/).at(-1) ?? ''
  const read = readColour(written)
  if (!('hex' in read)) return undefined
  const at = match ? match.index : line.length - written.length
  const name = `${line.slice(0, at)} ${line.slice(at + written.length)}`
  return { name: name.replace(/[\s:;,=]+/g, ' ').trim(), value: read.hex }
}

function named(name: string, value: string): ImportedToken {
  const role = roleByName(name.toLowerCase())
  return { type: 'colour', name: name.slice(0, 100), value, ...(role && { role }) }
}

function linesOf(text: string): string[] {
  if (text.length > LONGEST_TOKEN_FILE)
    throw new ImportError('The file is larger than 2 MB. Choose a shorter one.')
  return text.replace(/^\uFEFF/, '').split(/\r\n|\n|\r/)
}

function atMost(tokens: ImportedToken[]): ImportedToken[] {
  if (tokens.length > MOST_TOKENS)
    throw new ImportError(`The file has more than ${MOST_TOKENS} colours. Leave some out.`)
  return tokens
}
