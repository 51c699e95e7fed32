import { z } from 'zod'
import { idSchema } from '../document/ids'
import type { DocumentKind } from '../document/kind'
import { leaf } from '../document/leaf'
import { bandGridSchema } from '../grid/bandGrid'

const order = z.string().min(1).max(80)

export const pageSchema = z.strictObject({
  id: idSchema,
  parent: idSchema.optional(),
  order,
  title: z.string().max(500),
  /** last part of the address; made from the title where there is none */
  path: z
    .string()
    .max(200)
    .regex(/^[^/?#\s]*$/, 'a path has no spaces and none of / ? #')
    .optional(),
  purpose: z.string().max(2000).optional(),
})

/** A horizontal part of a page, in order. */
export const sectionSchema = z.strictObject({
  id: idSchema,
  page: idSchema,
  order,
  name: z.string().max(200),
})

export const bandSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(60),
  /** px of page width at which the band begins; 0 for the narrowest */
  from: z.int().min(0).max(10_000),
  /** px of page width it is drawn at */
  drawnAt: z.int().min(200).max(10_000),
  grid: leaf(bandGridSchema),
})

export const settingsSchema = z.strictObject({
  id: z.literal('site'),
  lead: idSchema,
  /** where the site will stand, for sitemap.xml */
  address: z
    .url({ protocol: /^https?$/ })
    .max(500)
    .optional(),
  /** font size of the root element, % */
  rootSize: z.number().min(10).max(400).optional(),
})

export type Page = z.infer<typeof pageSchema>
export type Section = z.infer<typeof sectionSchema>
export type Band = z.infer<typeof bandSchema>
export type Settings = z.infer<typeof settingsSchema>

/** Pages with their sections, bands with their grids, and the settings of the site. */
export const siteKind: DocumentKind = {
  kind: 'site',
  schema: 1,
  collections: {
    pages: { schema: pageSchema, parents: [{ field: 'parent', collection: 'pages' }] },
    sections: { schema: sectionSchema, parents: [{ field: 'page', collection: 'pages' }] },
    bands: { schema: bandSchema, parents: [] },
    settings: { schema: settingsSchema, parents: [] },
  },
  migrations: [],
}

export interface SiteDocument {
  kind: string
  id: string
  schema: number
  records: {
    pages: Record<string, Page>
    sections: Record<string, Section>
    bands: Record<string, Band>
    settings: Record<string, Settings>
  }
}
