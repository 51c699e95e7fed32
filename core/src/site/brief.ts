import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { wordsSchema } from './page'

const line = z.string().max(500)

/** A demand on a page, or on the whole project where it names none. */
export const requirementSchema = z.strictObject({
  id: idSchema,
  page: idSchema.optional(),
  order: orderSchema,
  number: z.int().min(1).max(1_000_000),
  text: wordsSchema,
  state: z.enum(['open', 'agreed', 'met']),
})

/** What a visitor does on a page, told as steps. */
export const scenarioSchema = z.strictObject({
  id: idSchema,
  page: idSchema,
  order: orderSchema,
  title: line,
})

/** A step of a scenario; below another step it is an alternative to it. */
export const scenarioStepSchema = z.strictObject({
  id: idSchema,
  scenario: idSchema,
  parent: idSchema.optional(),
  order: orderSchema,
  text: line,
})

/** A point to decide; decided once it has an answer, which keeps its reason and evidence. */
export const decisionSchema = z.strictObject({
  id: idSchema,
  page: idSchema.optional(),
  order: orderSchema,
  question: line,
  /** who decides */
  who: z.string().max(200).optional(),
  answer: wordsSchema.optional(),
  reason: wordsSchema.optional(),
  evidence: wordsSchema.optional(),
})

/** A loose idea, until it becomes a page or a requirement. */
export const ideaSchema = z.strictObject({ id: idSchema, order: orderSchema, text: wordsSchema })

/** A picture, sketch, file or address to look at, of a page or of the whole project. */
export const referenceSchema = z.strictObject({
  id: idSchema,
  page: idSchema.optional(),
  order: orderSchema,
  title: line,
  note: wordsSchema.optional(),
  asset: idSchema.optional(),
  /** the asset is a file to hand back, not a picture to show */
  isFile: z.boolean().optional(),
  address: z.string().max(2000).optional(),
})

/** Another site that is compared, and a part of a site it is compared by. */
export const comparedSiteSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(200),
})
export const comparedPartSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(200),
})

/** How one site does one part. */
export const verdictSchema = z.strictObject({
  id: idSchema,
  site: idSchema,
  part: idSchema,
  does: z.enum(['well', 'badly']).optional(),
  note: wordsSchema.optional(),
})

export const audienceGroupSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().max(200),
  needs: wordsSchema.optional(),
})

export const goalSchema = z.strictObject({ id: idSchema, order: orderSchema, text: line })

export type Requirement = z.infer<typeof requirementSchema>
export type Scenario = z.infer<typeof scenarioSchema>
export type ScenarioStep = z.infer<typeof scenarioStepSchema>
export type Decision = z.infer<typeof decisionSchema>
export type Idea = z.infer<typeof ideaSchema>
export type Reference = z.infer<typeof referenceSchema>
export type ComparedSite = z.infer<typeof comparedSiteSchema>
export type ComparedPart = z.infer<typeof comparedPartSchema>
export type Verdict = z.infer<typeof verdictSchema>
export type AudienceGroup = z.infer<typeof audienceGroupSchema>
export type Goal = z.infer<typeof goalSchema>

/** The next number of a requirement: numbers go on from the highest. */
export const nextRequirement = (requirements: Record<string, Requirement>): number =>
  1 + Math.max(0, ...Object.values(requirements).map(({ number }) => number))
