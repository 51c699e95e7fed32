import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { bandGridSchema } from '../grid/bandGrid'
import { underlaySchema } from './gridPlan'

/** Words a designer writes about something. */
export const wordsSchema = z.string().max(2000)
const nameSchema = z.string().max(200)

export const pathSchema = z
  .string()
  .max(200)
  .regex(/^[^/?#\s]*$/, 'a path has no spaces and none of / ? #')

export const pageSchema = z.strictObject({
  id: idSchema,
  parent: idSchema.optional(),
  order: orderSchema,
  title: z.string().max(500),
  /** what menus call it where that differs */
  shortName: nameSchema.optional(),
  /** last part of the address; made from the title where there is none */
  path: pathSchema.optional(),
  /** absent: a page in the tree; one outside it (error, search results) has an address but no parent that leads to it */
  kind: z.enum(['outside', 'external']).optional(),
  /** where an external page is */
  address: z.string().max(2000).optional(),
  state: z.enum(['idea', 'planned', 'agreed']).optional(),
  /** one drawing that stands for many pages: for whom, and how many, or one a row of a collection */
  template: leaf(
    z.strictObject({
      each: z.string().max(100),
      count: z.int().min(0).max(100_000).optional(),
      collection: idSchema.optional(),
    }),
  ).optional(),
  purpose: wordsSchema.optional(),
  /** the one thing a visitor should do here */
  goal: wordsSchema.optional(),
  audience: z.string().max(500).optional(),
  constraints: wordsSchema.optional(),
  /** addresses it had before, from the root of the site */
  redirects: z.array(z.string().max(2000)).max(50).optional(),
  /** common sections it does without */
  without: z.array(idSchema).max(50).optional(),
  /** its own grid at a band, where it departs from the project's */
  grids: z.record(idSchema, leaf(bandGridSchema)).optional(),
  /** a picture under its drawing */
  underlay: underlaySchema.optional(),
  /** differences between the map and its drawing that are meant to stay */
  refused: z.array(z.string().max(300)).max(200).optional(),
  /** what was checked off as done: a stage, or a stage and a band joined by a colon */
  checked: z.record(z.string().max(60), z.literal(true)).optional(),
})

/** A horizontal part of a page, in order; without a page it is common to all pages. */
export const sectionSchema = z.strictObject({
  id: idSchema,
  page: idSchema.optional(),
  order: orderSchema,
  name: nameSchema,
  /** where a common section stands */
  common: z.enum(['top', 'bottom']).optional(),
  purpose: wordsSchema.optional(),
  /** section pattern it will use */
  pattern: nameSchema.optional(),
  /** what is chosen of the pattern */
  chosen: leaf(
    z.record(z.string().max(40), z.union([z.number(), z.string().max(100), z.boolean()])),
  ).optional(),
  /** where its content comes from: written once, or the content service */
  source: z.enum(['written', 'service']).optional(),
})

export type Page = z.infer<typeof pageSchema>
export type Section = z.infer<typeof sectionSchema>

/** Kinds of page, and what a designer sees of them. */
export const PAGE_STATES = { idea: 'Idea', planned: 'Planned', agreed: 'Agreed' } as const
