import { z } from 'zod'

const LETTERS = 'abcdefghijklmnopqrstuvwxyz'
const SIGNS = LETTERS + '0123456789'

/** Ids are 16 of a-z and 0-9, a letter first. Documents and records there is one of are named for what they are. */
export const idSchema = z
  .string()
  .regex(/^(?:[a-z][a-z0-9]{15}|site|content|style|counter|collection|audience)$/)

/** Fills an array with random bytes: `crypto.getRandomValues` or a seeded stand-in. */
export type RandomBytes = (bytes: Uint8Array) => Uint8Array

/** Makes ids from an injected source of random bytes. */
export function idMaker(random: RandomBytes): () => string {
  return () => {
    const bytes = random(new Uint8Array(16))
    return Array.from(bytes, (byte, index) => (index === 0 ? LETTERS[byte % 26] : SIGNS[byte % 36])).join('')
  }
}

/** The place of a record among its siblings, as a fractional key. */
export const orderSchema = z.string().min(1).max(80)
