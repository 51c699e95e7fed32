import DeltaModule from 'quill-delta'
import { z } from 'zod'
import type { DeltaOp } from './types'

// The package is CommonJS: under Node's module loader the class is its `default`, in bundlers the import itself.
const Delta = ((DeltaModule as unknown as { default?: typeof DeltaModule }).default ??
  DeltaModule) as typeof DeltaModule

const attributes = z
  .strictObject({
    bold: z.literal(true).optional(),
    italic: z.literal(true).optional(),
    small: z.literal(true).optional(),
    link: z
      .string()
      .max(2000)
      .regex(/^(https?:|mailto:|tel:|\/|#|\.)/i, 'a link starts with http, https, mailto, tel, / or #')
      .optional(),
  })
  .optional()

/** The most characters of one text: some 30,000 words. */
export const LONGEST_TEXT = 200_000

/** Rich text: runs of text with bold, italic, small and link. Line breaks are `\n`. */
export const richTextSchema = z
  .array(z.strictObject({ insert: z.string().min(1).max(LONGEST_TEXT), attributes }))
  .max(5000)

export type RichText = z.infer<typeof richTextSchema>

/** Text after an edit, or undefined when the edit runs past its end. */
export function composeText(text: RichText, edit: DeltaOp[]): RichText | undefined {
  const { ops } = new Delta(text as never).compose(new Delta(edit as never))
  return ops.every((op) => typeof op.insert === 'string') ? (ops as RichText) : undefined
}

/** The edit that undoes `edit` made on `text`. */
export function invertEdit(text: RichText, edit: DeltaOp[]): DeltaOp[] {
  return new Delta(edit as never).invert(new Delta(text as never)).ops as DeltaOp[]
}

/** `edit` as it reads after `earlier`, which was made on the same text and wins ties. */
export function transformEdit(earlier: DeltaOp[], edit: DeltaOp[], earlierWins = true): DeltaOp[] {
  return new Delta(earlier as never).transform(new Delta(edit as never), earlierWins).ops as DeltaOp[]
}

/** The edit that turns one text into another. */
export function textDifference(from: RichText, to: RichText): DeltaOp[] {
  return new Delta(from as never).diff(new Delta(to as never)).ops as DeltaOp[]
}

/** The characters of a rich text without their attributes. */
export function plainText(text: RichText | undefined): string {
  return (text ?? []).map((run) => run.insert).join('')
}
