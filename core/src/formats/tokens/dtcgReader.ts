import { z } from 'zod'
import { hexOf } from '../../colour/spaces'
import { gamutMap } from '../../colour/gamutMap'
import { readColour } from '../../colour/readColour'
import { withAlpha } from '../../colour/spaces'
import { roleSchema } from '../../colour/roles'
import { shadowListSchema, type Shadow } from '../../block/shadow'
import { roundTo } from '../../units/length'
import { ImportError, type ImportRemark } from '../importedPages'
import { OWN } from './dtcgWriter'
import {
  LONGEST_TOKEN_FILE,
  MOST_TOKENS,
  roleByName,
  useByName,
  type ImportedToken,
  type ImportedTokens,
} from './importedTokens'

type Value = unknown

/** A token as it stands in the file, with the type of its groups. */
interface Found {
  path: string
  type: string | undefined
  value: Value
  own: { name?: string; role?: string; prominence?: string; share?: number; dark?: Value }
}

const MOST_DEEP = 12
const ownSchema = z
  .object({
    name: z.string().min(1).max(100).optional().catch(undefined),
    role: z.string().optional().catch(undefined),
    prominence: z.enum(['primary', 'secondary', 'neutral', 'signal']).optional().catch(undefined),
    share: z.number().min(0).max(100).optional().catch(undefined),
    dark: z.unknown().optional(),
  })
  .catch({ dark: undefined })

/**
 * Reads design tokens: colours, dimensions, shadows and durations. What is of another type is passed over and said.
 * @throws ImportError for what is no such file
 * @see Design Tokens Format Module 2025.10, Design Tokens Community Group; the drafts before it wrote colours and dimensions
 *   as words
 */
export function readDtcg(text: string): ImportedTokens {
  if (text.length > LONGEST_TOKEN_FILE)
    throw new ImportError('The file is larger than 2 MB, which no file of tokens is. Choose another.')
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new ImportError('The file is not JSON. Choose a file of design tokens.')
  }
  if (!isGroup(json)) throw new ImportError('The file holds no groups of design tokens. Choose another.')
  const found = new Map<string, Found>()
  collect(json, [], undefined, found, 0)
  if (found.size === 0)
    throw new ImportError(
      'The file holds no design tokens: none of its entries has a $value. Choose another.',
    )
  if (found.size > MOST_TOKENS)
    throw new ImportError(`The file holds more than ${MOST_TOKENS} tokens. Leave some of its groups out.`)
  return new DtcgTokens(found).read()
}

const isGroup = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function collect(
  group: Record<string, unknown>,
  path: string[],
  type: string | undefined,
  found: Map<string, Found>,
  depth: number,
) {
  if (depth > MOST_DEEP) return
  const own = typeof group.$type === 'string' ? group.$type : type
  if ('$value' in group) {
    const extensions = isGroup(group.$extensions) ? group.$extensions[OWN] : undefined
    const name = path.join('.')
    found.set(name, { path: name, type: own, value: group.$value, own: ownSchema.parse(extensions ?? {}) })
    return
  }
  for (const [key, below] of Object.entries(group))
    if (!key.startsWith('$') && isGroup(below)) collect(below, [...path, key], own, found, depth + 1)
}

const ALIAS = /^\{([^{}]+)\}$/

/** Tokens of one file; what names another is followed. */
class DtcgTokens {
  private tokens: ImportedToken[] = []
  private remarks: ImportRemark[] = []
  private places = new Map<string, number>()

  constructor(private found: Map<string, Found>) {}

  read(): ImportedTokens {
    const colours = [...this.found.values()].filter((one) => this.typeOf(one) === 'color')
    const sound = colours.filter((one) => this.trouble(one) === undefined)
    sound.forEach(({ path }, index) => this.places.set(path, index))
    let count = 0
    for (const one of this.found.values()) {
      count++
      const trouble = this.trouble(one)
      const token = trouble === undefined ? this.tokenOf(one) : undefined
      if (token) {
        if (token.type !== 'colour') this.tokens.push(token)
      } else
        this.remarks.push({ line: count, remark: `“${one.path}” is left out: ${trouble ?? this.why(one)}.` })
    }
    const inPlace = sound.flatMap((one) => this.tokenOf(one) ?? [])
    return { tokens: [...inPlace, ...this.tokens], remarks: this.remarks }
  }

  /** The type of a token: its own, else that of what it names. */
  private typeOf(one: Found, met = new Set<string>()): string | undefined {
    if (one.type || met.has(one.path)) return one.type
    met.add(one.path)
    const next = this.found.get(aliasOf(one.value) ?? '')
    return next && this.typeOf(next, met)
  }

  /** What is wrong with the names a token leads through, or with the value at their end. */
  private trouble(one: Found): string | undefined {
    const met: string[] = []
    let here = one
    for (let alias = aliasOf(here.value); alias !== undefined; alias = aliasOf(here.value)) {
      met.push(here.path)
      const next = this.found.get(alias)
      if (!next) return `it names “${alias}”, which is not in the file`
      if (met.includes(next.path)) return `it leads back to itself, by ${[...met, next.path].join(', ')}`
      here = next
    }
    const type = this.typeOf(one)
    if (type === 'color' && colourOf(here.value) === undefined) return 'its value is no colour'
    return undefined
  }

  private why({ type }: Found): string {
    return type && KNOWN.has(type)
      ? 'its value is not of its type'
      : `${type ? `“${type}”` : 'a token without a type'} has no place in the guide`
  }

  /** The value at the end of the names. */
  private valueOf(value: Value): Value {
    const alias = aliasOf(value)
    const next = alias === undefined ? undefined : this.found.get(alias)
    return next ? this.valueOf(next.value) : value
  }

  private tokenOf(one: Found): ImportedToken | undefined {
    const { path, value, own } = one
    const name = (own.name ?? path.split('.').slice(-2).join(' ')).slice(0, 100)
    const end = this.valueOf(value)
    switch (this.typeOf(one)) {
      case 'color': {
        const role = roleSchema.safeParse(own.role)
        return {
          type: 'colour',
          name,
          value: this.colour(value),
          ...(own.dark !== undefined && this.dark(own.dark)),
          ...(role.success ? { role: role.data } : roleOf(path)),
          ...(own.prominence && { prominence: own.prominence as 'primary' }),
          ...(own.share !== undefined && { share: own.share }),
        }
      }
      case 'dimension': {
        const length = dimensionOf(end)
        return length && { type: 'length', name, value: length, use: useByName(path) }
      }
      case 'duration': {
        const ms = durationOf(end)
        return ms === undefined ? undefined : { type: 'duration', name, value: ms }
      }
      case 'shadow': {
        const shadows = [end].flat().map((shadow) => this.shadow(shadow))
        const read = shadowListSchema.safeParse(shadows)
        return read.success ? { type: 'shadow', name, value: read.data } : undefined
      }
      default:
        return undefined
    }
  }

  private colour(value: Value): string | { of: number } {
    const place = this.places.get(aliasOf(value) ?? '')
    return place === undefined ? (colourOf(this.valueOf(value)) ?? '#000000') : { of: place }
  }

  private dark(value: Value): { dark?: string | { of: number } } {
    const isSound = aliasOf(value) !== undefined ? this.places.has(aliasOf(value) ?? '') : colourOf(value)
    return isSound ? { dark: this.colour(value) } : {}
  }

  private shadow(value: Value): Shadow | undefined {
    const shadow = this.valueOf(value)
    if (!isGroup(shadow)) return undefined
    const length = (of: unknown) => Math.round(dimensionOf(this.valueOf(of))?.value ?? NaN)
    const hex = colourOf(this.valueOf(shadow.color))
    if (!hex) return undefined
    const [x, y, blur, spread] = [shadow.offsetX, shadow.offsetY, shadow.blur, shadow.spread].map(length)
    return { x, y, blur, spread, colour: { hex }, ...(shadow.inset === true && { inset: true }) }
  }
}

const KNOWN = new Set(['color', 'dimension', 'shadow', 'duration'])

const aliasOf = (value: Value): string | undefined =>
  typeof value === 'string' ? ALIAS.exec(value)?.[1] : undefined

function roleOf(path: string) {
  const role = roleByName(path)
  return role ? { role } : {}
}

const components = z.array(z.union([z.number(), z.literal('none')])).length(3)
const colourObject = z.object({
  colorSpace: z.string(),
  components,
  alpha: z.number().min(0).max(1).optional(),
})

/** A colour of the format, or one written as words, as sRGB. */
function colourOf(value: Value): string | undefined {
  if (typeof value === 'string') {
    const read = readColour(value)
    return 'hex' in read ? read.hex : undefined
  }
  const read = colourObject.safeParse(value)
  if (!read.success) return undefined
  const { colorSpace, alpha = 1 } = read.data
  const [a, b, c] = read.data.components.map((one) => (one === 'none' ? 0 : one))
  if (colorSpace === 'srgb') return withAlpha(hexOf({ r: a, g: b, b: c }), alpha)
  if (colorSpace === 'oklch') return withAlpha(hexOf(gamutMap({ l: a, c: b, h: c })), alpha)
  const css = FUNCTIONS.has(colorSpace)
    ? `${colorSpace}(${a}${colorSpace === 'hsl' || colorSpace === 'hwb' ? ` ${b}% ${c}%` : ` ${b} ${c}`} / ${alpha})`
    : `color(${colorSpace} ${a} ${b} ${c} / ${alpha})`
  const parsed = readColour(css)
  return 'hex' in parsed ? parsed.hex : undefined
}

const FUNCTIONS = new Set(['hsl', 'hwb', 'lab', 'lch', 'oklab'])

function dimensionOf(value: Value) {
  const read = z.object({ value: z.number(), unit: z.enum(['px', 'rem', 'em']) }).safeParse(value)
  if (read.success) return { value: roundTo(read.data.value, 4), unit: read.data.unit }
  const words = typeof value === 'string' ? /^(-?\d+(?:\.\d+)?)(px|rem|em)$/.exec(value.trim()) : null
  if (!words) return value === '0' || value === 0 ? { value: 0, unit: 'px' as const } : undefined
  return { value: Number(words[1]), unit: words[2] as 'px' | 'rem' | 'em' }
}

function durationOf(value: Value): number | undefined {
  const read = z.object({ value: z.number(), unit: z.enum(['ms', 's']) }).safeParse(value)
  const words = typeof value === 'string' ? /^(\d+(?:\.\d+)?)(ms|s)$/.exec(value.trim()) : null
  const [amount, unit] = read.success
    ? [read.data.value, read.data.unit]
    : words
      ? [Number(words[1]), words[2]]
      : []
  if (amount === undefined) return undefined
  const ms = Math.round(unit === 's' ? amount * 1000 : amount)
  return ms >= 0 && ms <= 60_000 ? ms : undefined
}
