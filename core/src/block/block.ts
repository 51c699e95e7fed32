import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { richTextSchema, type RichText } from '../document/richText'
import { valueAt } from '../document/path'
import type { Json, StoredRecord } from '../document/types'
import { backdropAssets } from './looks/backdrop'
import type { FieldControl } from './field'
import { cutText } from '../text/cutText'
import { blockKinds, kindNamed, type AnyKind, type BlockKindName } from './kinds'
import { TAGS, type Tag } from './tags'
import { addressSchema } from './target'
import { fileSchema } from './pictureFile'
import { contentSourceSchema } from './shownContent'
import { varyingFields, type Varying } from './varying'

const orderKey = z.string().min(1).max(80)

/** An address or a file that belongs to a block, with what it is called. */
export const linkSchema = z.union([
  z.strictObject({ label: z.string().max(200), address: addressSchema }),
  z.strictObject({ label: z.string().max(200), asset: idSchema }),
])

/** What blocks of every kind have. Values that stand on a block are the lead band's; `at` holds what a band changes. */
const common = {
  id: idSchema,
  parent: idSchema.optional(),
  order: orderKey,
  name: z.string().max(200).optional(),
  tag: z.enum(TAGS).optional(),
  /** one of its kind's sets of values */
  variant: z.string().max(40).optional(),
  /** the developer supplies what really stands there */
  live: z.boolean().optional(),
  section: idSchema.optional(),
  text: richTextSchema.optional(),
  /** where its words or its picture come from, in place of its own */
  content: contentSourceSchema.optional(),
  /** characters of the words that are to come */
  wanted: z.int().min(1).max(5000).optional(),
  /** a picture that may be shown in place of the drawing */
  reference: fileSchema.optional(),
  showsReference: z.boolean().optional(),
  /** what whoever reads the drawing is told of it, and the requirement of the page it meets */
  note: z.string().max(5000).optional(),
  requirement: idSchema.optional(),
  /** addresses and files that belong to it */
  links: leaf(z.array(linkSchema).min(1).max(20)).optional(),
  /** which one the eye is meant to meet first, second and so on */
  emphasis: z.int().min(1).max(20).optional(),
  locked: z.boolean().optional(),
  /** the finish it is for; absent: both */
  shows: z.enum(['all', 'wireframe', 'mockup']).optional(),
  /** states of its page it is shown in, `usual` being that of no name; absent: all */
  shownWhen: leaf(
    z
      .array(z.union([z.literal('usual'), idSchema]))
      .min(1)
      .max(40),
  ).optional(),
  ...varyingFields,
  at: z
    .record(
      idSchema,
      z.strictObject({
        ...varyingFields,
        order: orderKey.optional(),
        /** leaves, keys joined by points, that are as the kind has them although the band nearer the lead sets them */
        without: z.record(z.string().max(60), z.literal(true)).optional(),
      }),
    )
    .optional(),
}

/** What a block says otherwise in one row of a series it is repeated by. */
const inRow = (data: AnyKind['data']) =>
  z.strictObject({ ...varyingFields, text: richTextSchema.optional(), data: data.optional() })

const ofKind = ({ kind, data }: AnyKind) => {
  const own = data.optional()
  const rows = z.record(idSchema, inRow(data)).optional()
  return z.strictObject({ ...common, kind: z.literal(kind), data: own, rows })
}
const [first, ...others] = Object.values<AnyKind>(blockKinds).map(ofKind)

/** A block as a drawing stores it; what it holds beside words and other blocks goes by its kind. */
export const blockSchema = z.discriminatedUnion('kind', [first, ...others])

export type BlockLink = z.infer<typeof linkSchema>

export interface Block extends z.infer<z.ZodObject<typeof common>> {
  kind: BlockKindName
  data?: Record<string, Json | undefined>
  rows?: Record<string, RowValues>
}

/** What a block says otherwise in one row. */
export interface RowValues extends Varying {
  text?: RichText
  data?: Record<string, Json | undefined>
}

/** What a block's kind says of all blocks like it. */
export const kindOf = (block: Pick<Block, 'kind'>): AnyKind => kindNamed(block.kind)

/** The leaf that a block's kind shows by a kind of control, or nothing: its words, its picture, where it leads. */
export const leafShownBy = (
  block: Pick<Block, 'kind'>,
  control: FieldControl['type'],
): string[] | undefined => kindOf(block).particulars.find((field) => field.control.type === control)?.path

/** The files a block shows: its own, what rows and copies show instead, and what stands in its place. */
export function assetsOf(block: Block): string[] {
  const path = leafShownBy(block, 'picture')
  const holders: unknown[] = path ? [block, ...Object.values(block.rows ?? {})] : []
  const shown = holders.map((holder) => valueAt(holder as StoredRecord, path ?? []))
  const said = [block, ...Object.values(block.at ?? {})].flatMap(({ values = {} }) => Object.values(values))
  const leads = leafShownBy(block, 'target')
  const to = leads && valueAt(block as unknown as StoredRecord, leads)
  const files = [...shown, ...said, block.reference, to, ...(block.links ?? [])] as (
    { asset?: unknown } | null | undefined
  )[]
  const named = files.flatMap((file) => (typeof file?.asset === 'string' ? [file.asset] : []))
  return [...named, ...[block, ...Object.values(block.rows ?? {})].flatMap(backdropAssets)]
}

/** The HTML element of a block: its own choice, or the usual one of its kind. */
export function tagOf(block: Pick<Block, 'kind' | 'tag'>): Tag {
  const { tags } = kindOf(block)
  return block.tag && tags.includes(block.tag) ? block.tag : tags[0]
}

const LONGEST_LABEL = 60

/** A block's name as the interface shows it: its own, else what it is labelled with, else its kind's. */
export function nameOf({ name, data, kind }: Pick<Block, 'kind' | 'name' | 'data'>): string {
  const label = data?.label ?? data?.caption
  return name ?? (typeof label === 'string' && label ? cutText(label, LONGEST_LABEL) : kindOf({ kind }).label)
}

/** Whether a block stands on the page itself or in another block. */
export function standsOnPage({ kind, data = {} }: Pick<Block, 'kind' | 'data'>): boolean {
  const { standsOn } = kindOf({ kind })
  return (typeof standsOn === 'function' ? standsOn(data) : standsOn) === 'page'
}

/** Whether other blocks may stand in a block. */
export function takesBlocks({ kind, data = {} }: Pick<Block, 'kind' | 'data'>): boolean {
  const takes = kindOf({ kind }).takesBlocks
  return typeof takes === 'function' ? takes(data) : takes
}

/** Why a block cannot stand in another (undefined: on the page itself), or nothing. */
export function refusesParent(
  parent: Pick<Block, 'kind' | 'data'> | undefined,
  child: Pick<Block, 'kind' | 'data'>,
): string | undefined {
  const { label } = kindOf(child)
  if (standsOnPage(child)) return parent && `A ${label.toLowerCase()} stands on the page itself.`
  if (!parent) return `A ${label.toLowerCase()} stands in a section or a box.`
  return takesBlocks(parent) ? undefined : `A ${kindOf(parent).label.toLowerCase()} holds no blocks.`
}
