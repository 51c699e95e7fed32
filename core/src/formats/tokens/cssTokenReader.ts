import { generate, parse, walk } from 'css-tree'
import { readColour } from '../../colour/readColour'
import { shadowListSchema } from '../../block/shadow'
import { readShadows } from '../../block/shadowText'
import { ImportError, type ImportRemark } from '../importedPages'
import {
  LONGEST_TOKEN_FILE,
  MOST_TOKENS,
  roleByName,
  useByName,
  type ImportedToken,
  type ImportedTokens,
} from './importedTokens'

interface Property {
  name: string
  value: string
  line: number
}

/**
 * Reads the custom properties of a style sheet: colours, lengths, shadows and durations. What names others is followed;
 * the last of a name counts, and those for a dark preference are the dark set. Everything else in the sheet is passed over.
 * @throws ImportError for a sheet without any
 * @see CSS Custom Properties for Cascading Variables 1
 */
export function readTokensCss(css: string): ImportedTokens {
  if (css.length > LONGEST_TOKEN_FILE)
    throw new ImportError('The style sheet is larger than 2 MB. Choose one with the custom properties alone.')
  const light = new Map<string, Property>()
  const dark = new Map<string, Property>()
  collect(css, light, dark)
  if (light.size === 0 && dark.size === 0)
    throw new ImportError(
      'The style sheet has no custom properties, such as --main: #1f5b4c. Choose another.',
    )
  if (light.size > MOST_TOKENS)
    throw new ImportError(`The style sheet has more than ${MOST_TOKENS} custom properties. Leave some out.`)
  const tokens: ImportedToken[] = []
  const remarks: ImportRemark[] = []
  for (const property of light.values()) {
    const value = substituted(property.value, light)
    if (value === undefined) {
      const remark = `${property.name} is left out: it leads back to itself, or names what is not there.`
      remarks.push({ line: property.line, remark })
      continue
    }
    const token = tokenOf(property.name, value)
    if (!token) remarks.push({ line: property.line, remark: `${property.name} is left out: ${NO_PLACE}` })
    else tokens.push(withDark(token, property.name, dark, light))
  }
  return { tokens, remarks }
}

const NO_PLACE = 'it is no colour, length, shadow or duration.'

function collect(css: string, light: Map<string, Property>, dark: Map<string, Property>) {
  let tree
  try {
    tree = parse(css, { parseCustomProperty: false, positions: true, onParseError: () => undefined })
  } catch {
    throw new ImportError('The style sheet cannot be read. Choose another.')
  }
  walk(tree, {
    visit: 'Declaration',
    enter(declaration) {
      if (!declaration.property.startsWith('--')) return
      const atRule = this.atrule?.prelude ? generate(this.atrule.prelude) : ''
      const into = /prefers-color-scheme:\s*dark/.test(atRule) ? dark : light
      const { property: name } = declaration
      into.set(name, {
        name,
        value: generate(declaration.value).trim(),
        line: declaration.loc?.start.line ?? 1,
      })
    },
  })
}

const VAR = /var\(\s*(--[\w-]+)\s*\)/
const MOST_STEPS = 40

/** A value with what it names in its place; nothing where that is not there, or leads back. */
function substituted(value: string, properties: Map<string, Property>): string | undefined {
  let whole = value
  for (let step = 0; step < MOST_STEPS; step++) {
    const match = VAR.exec(whole)
    if (!match) return whole.length > 2000 ? undefined : whole
    const named = properties.get(match[1])
    if (!named || whole.length > 2000) return undefined
    whole = whole.replace(match[0], () => named.value)
  }
  return undefined
}

const LENGTH = /^(-?(?:\d+(?:\.\d+)?|\.\d+))(px|rem|em|vw|ch)$/
const DURATION = /^(\d+(?:\.\d+)?|\.\d+)(ms|s)$/

function tokenOf(property: string, value: string): ImportedToken | undefined {
  const name = property.replace(/^--/, '').slice(0, 100)
  const colour = readColour(value)
  if ('hex' in colour) {
    const role = roleByName(name.replace(/^role-/, ''))
    return { type: 'colour', name, value: colour.hex, ...(role && { role }) }
  }
  const length = LENGTH.exec(value)
  if (length)
    return {
      type: 'length',
      name,
      value: { value: Number(length[1]), unit: length[2] as 'px' },
      use: useByName(name),
    }
  const duration = DURATION.exec(value)
  if (duration) {
    const ms = Math.round(Number(duration[1]) * (duration[2] === 's' ? 1000 : 1))
    return ms <= 60_000 ? { type: 'duration', name, value: ms } : undefined
  }
  const shadows = readShadows(value)
  if ('error' in shadows) return undefined
  const read = shadowListSchema.safeParse(shadows.shadows)
  return read.success ? { type: 'shadow', name, value: read.data } : undefined
}

function withDark(
  token: ImportedToken,
  name: string,
  dark: Map<string, Property>,
  light: Map<string, Property>,
): ImportedToken {
  const own = dark.get(name)
  if (token.type !== 'colour' || !own) return token
  const value = substituted(own.value, new Map([...light, ...dark]))
  const colour = value === undefined ? undefined : readColour(value)
  return colour && 'hex' in colour ? { ...token, dark: colour.hex } : token
}
