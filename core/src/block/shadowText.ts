import { readColour } from '../colour/readColour'
import { readLength } from '../units/typedLength'
import type { Colour } from './colourSchema'
import { shadowListSchema, type Shadow } from './shadow'

const HOW =
  'Type shadows as “0 2 8 0 #17211e33”: across, down, blur, spread, colour; “inset” before one within.'

/**
 * Reads shadows as CSS writes them, separated by commas: px across, down, of blur and spread, and a colour.
 * @returns the shadows, or what is wrong
 */
export function readShadows(text: string): { shadows: Shadow[] } | { error: string } {
  const shadows: Shadow[] = []
  for (const one of betweenCommas(text)) {
    const shadow = readShadow(one.trim())
    if (!shadow) return { error: `“${one.trim().slice(0, 60)}” is no shadow. ${HOW}` }
    shadows.push(shadow)
  }
  const read = shadowListSchema.safeParse(shadows)
  if (read.success) return { shadows: read.data }
  const [{ message }] = read.error.issues
  return { error: `These are no shadows: ${message}. ${HOW}` }
}

/** Parts of a list at its commas; those inside brackets part nothing. */
function betweenCommas(text: string): string[] {
  const parts = ['']
  let depth = 0
  for (const sign of text) {
    if (sign === '(') depth++
    if (sign === ')') depth--
    if (sign === ',' && depth <= 0) parts.push('')
    else parts[parts.length - 1] += sign
  }
  return parts
}

function readShadow(text: string): Shadow | undefined {
  const inset = /^inset\b|\binset$/.test(text)
  const rest = text.replace(/^inset\b|\binset$/, '').trim()
  const lengths: number[] = []
  const words = rest.split(/\s+/)
  while (words.length && lengths.length < 4 && /^-?[\d.]+(?:px)?$/.test(words[0])) {
    const read = readLength(words.shift() as string)
    if ('error' in read) return undefined
    lengths.push(Math.round(read.length.value))
  }
  const [x, y, blur = 0, spread = 0] = lengths
  const colour = readColour(words.join(' '))
  if (y === undefined || 'error' in colour) return undefined
  return { x, y, blur, spread, colour: { hex: colour.hex }, ...(inset && { inset }) }
}

/** Shadows as they are typed. @param nameOf a colour as it is called */
export function writeShadows(shadows: Shadow[], nameOf: (colour: Colour) => string): string {
  return shadows
    .map(({ x, y, blur, spread, colour, inset }) => {
      const lengths = [x, y, blur, spread].join(' ')
      return `${inset ? 'inset ' : ''}${lengths} ${nameOf(colour)}`
    })
    .join(', ')
}
