import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema } from '../document/ids'
import { withCollections, type DocumentKind } from '../document/kind'
import type { StoredDocument } from '../document/types'
import { leaf } from '../document/leafTable'
import { bandGridSchema } from '../grid/bandGrid'
import { guideSchema, guideSetSchema, type Guide, type GuideSet } from '../grid/guide'
import { audienceSchema, type ViewportSize } from '../viewport/audience'
import { browserTabSchema, type BrowserTab } from '../viewport/browserTab'
import { frameSchema, type Frame } from '../viewport/frame'
import { screenSchema, type Screen } from '../viewport/screen'
import {
  audienceGroupSchema,
  comparedPartSchema,
  comparedSiteSchema,
  decisionSchema,
  goalSchema,
  ideaSchema,
  referenceSchema,
  requirementSchema,
  scenarioSchema,
  scenarioStepSchema,
  verdictSchema,
  type AudienceGroup,
  type ComparedPart,
  type ComparedSite,
  type Decision,
  type Goal,
  type Idea,
  type Reference,
  type Requirement,
  type Scenario,
  type ScenarioStep,
  type Verdict,
} from './brief'
import {
  gridQuestionSchema,
  overlaysSchema,
  savedGridSchema,
  sizingSchema,
  type GridQuestion,
  type SavedGrid,
} from './gridPlan'
import { alternativeSchema, type Alternative } from './alternative'
import { artworkSchema, solidSchema, type Artwork, type Solid } from './artwork'
import { creditSchema, type Credit } from './credit'
import { ignoredFindingSchema, type IgnoredFinding } from './ignoredFinding'
import { boardSchema, type Board } from './board'
import { journeySchema, stopSchema, type Journey, type Stop } from './journey'
import { linkSchema, menuEntrySchema, menuSchema, type Link, type Menu, type MenuEntry } from './menu'
import { overlaySchema, type OverlayRecord } from './overlay'
import { pageStateSchema, type PageState } from './pageState'
import { pageSchema, sectionSchema, wordsSchema, type Page, type Section } from './page'

export const bandSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(60),
  /** px of page width at which the band begins; 0 for the narrowest */
  from: z.int().min(0).max(10_000),
  /** px of page width it is drawn at */
  drawnAt: z.int().min(200).max(10_000),
  grid: leaf(bandGridSchema),
})

const limit = z.int().min(1).max(100).optional()

/** Names of the stages a project goes through. */
export const profileSchema = z.array(z.string().max(20)).max(20)

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
  /** what new lengths are written in */
  sizing: sizingSchema.optional(),
  /** px by which blocks are nudged with Shift, and that sizes are multiples of; absent: 8 */
  step: z.number().min(1).max(400).optional(),
  /** how lines over a page are drawn */
  overlays: overlaysSchema.optional(),
  /** the ground behind pages */
  pageGround: hexSchema.optional(),
  /** the finish wireframes are shown in; absent: plain */
  wireframe: z.enum(['sketch', 'plain']).optional(),
  /** what stands where words are to be: the copy; placeholders of its length; or lines, in drawings only */
  words: z.enum(['copy', 'placeholder', 'lines']).optional(),
  /** section patterns and kinds of block that are not offered, as the project's platform cannot build them */
  without: z.record(z.string().max(60), z.literal(true)).optional(),
  /** words of the project's own that no dictionary has, in small letters */
  ownWords: z.record(z.string().max(60), z.literal(true)).optional(),
  /** rules of review that do not speak in this project */
  silent: z.record(z.string().max(60), z.literal(true)).optional(),
  /** what the project is for */
  purpose: wordsSchema.optional(),
  /** the stages this project has; absent: all */
  profile: profileSchema.optional(),
  /** beyond these the map's findings speak; absent: they do not */
  limits: z.strictObject({ menuBreadth: limit, menuDepth: limit, clicks: limit }).optional(),
})

export type { Page, Section } from './page'
export type { Link, Menu, MenuEntry } from './menu'
export type { Journey, Stop } from './journey'
export type Band = z.infer<typeof bandSchema>
export type Settings = z.infer<typeof settingsSchema>

const NEW_IN_2 = [
  ...['menus', 'menuEntries', 'links', 'journeys', 'stops', 'requirements', 'scenarios', 'scenarioSteps'],
  ...[
    'decisions',
    'ideas',
    'references',
    'comparedSites',
    'comparedParts',
    'verdicts',
    'audienceGroups',
    'goals',
  ],
]

const NEW_IN_3 = [
  ...['savedGrids', 'guides', 'guideSets', 'screens', 'frames', 'browserTabs', 'audience'],
  'gridQuestions',
]

const NEW_IN_4 = ['pageStates', 'overlays', 'boards', 'alternatives']
const NEW_IN_5 = ['artworks', 'solids', 'credits']
const NEW_IN_6 = ['ignoredFindings']

/** Pages may stand far deeper in one another than any site has them; what walks the tree counts on this. */
export const DEEPEST_PAGE = 2500

const ofPage = { field: 'page', collection: 'pages' }

/** What a site is planned with: pages, sections, menus, links, journeys, the brief, and the bands with their grids. */
export const siteKind: DocumentKind = {
  kind: 'site',
  schema: 6,
  unmarked: 3,
  collections: {
    pages: { schema: pageSchema, parents: [{ field: 'parent', collection: 'pages', deepest: DEEPEST_PAGE }] },
    sections: { schema: sectionSchema, parents: [ofPage] },
    menus: { schema: menuSchema, parents: [] },
    menuEntries: {
      schema: menuEntrySchema,
      parents: [
        { field: 'menu', collection: 'menus' },
        { field: 'parent', collection: 'menuEntries', deepest: 100 },
        ofPage,
      ],
    },
    links: {
      schema: linkSchema,
      parents: [
        { field: 'from', collection: 'pages' },
        { field: 'to', collection: 'pages' },
        { field: 'section', collection: 'sections' },
      ],
    },
    journeys: { schema: journeySchema, parents: [] },
    // A stop outlives its page: the journey then names the gap.
    stops: {
      schema: stopSchema,
      parents: [
        { field: 'journey', collection: 'journeys' },
        { field: 'parent', collection: 'stops', deepest: DEEPEST_PAGE },
      ],
    },
    requirements: { schema: requirementSchema, parents: [ofPage] },
    scenarios: { schema: scenarioSchema, parents: [ofPage] },
    scenarioSteps: {
      schema: scenarioStepSchema,
      parents: [
        { field: 'scenario', collection: 'scenarios' },
        { field: 'parent', collection: 'scenarioSteps', deepest: DEEPEST_PAGE },
      ],
    },
    decisions: { schema: decisionSchema, parents: [ofPage] },
    ideas: { schema: ideaSchema, parents: [] },
    references: { schema: referenceSchema, parents: [ofPage] },
    comparedSites: { schema: comparedSiteSchema, parents: [] },
    comparedParts: { schema: comparedPartSchema, parents: [] },
    verdicts: {
      schema: verdictSchema,
      parents: [
        { field: 'site', collection: 'comparedSites' },
        { field: 'part', collection: 'comparedParts' },
      ],
    },
    audienceGroups: { schema: audienceGroupSchema, parents: [] },
    goals: { schema: goalSchema, parents: [] },
    bands: { schema: bandSchema, parents: [] },
    savedGrids: { schema: savedGridSchema, parents: [] },
    guides: { schema: guideSchema, parents: [ofPage, { field: 'band', collection: 'bands' }] },
    guideSets: { schema: guideSetSchema, parents: [] },
    screens: { schema: screenSchema, parents: [] },
    frames: { schema: frameSchema, parents: [] },
    browserTabs: { schema: browserTabSchema, parents: [] },
    audience: { schema: audienceSchema, parents: [] },
    gridQuestions: { schema: gridQuestionSchema, parents: [] },
    pageStates: { schema: pageStateSchema, parents: [ofPage] },
    overlays: { schema: overlaySchema, parents: [ofPage] },
    boards: { schema: boardSchema, parents: [] },
    alternatives: { schema: alternativeSchema, parents: [ofPage] },
    artworks: { schema: artworkSchema, parents: [] },
    solids: { schema: solidSchema, parents: [{ field: 'artwork', collection: 'artworks' }] },
    credits: { schema: creditSchema, parents: [] },
    ignoredFindings: { schema: ignoredFindingSchema, parents: [] },
    settings: { schema: settingsSchema, parents: [] },
  },
  // Schema 2 has menus, links, journeys and the brief; 3 guides, screens, frames, the audience and the agreement;
  // 4 what mockups are shown in: states of pages, overlays, boards, alternatives; 5 artworks, and where
  // pictures are from; 6 findings that are left as they are.
  migrations: [NEW_IN_2, NEW_IN_3, NEW_IN_4, NEW_IN_5, NEW_IN_6].map(withCollections),
  lacks: ({ records }: StoredDocument) => {
    if (!records.settings?.site) return 'its settings'
    return Object.keys(records.bands ?? {}).length === 0 ? 'a band' : undefined
  },
}

export interface SiteRecords {
  pages: Record<string, Page>
  sections: Record<string, Section>
  menus: Record<string, Menu>
  menuEntries: Record<string, MenuEntry>
  links: Record<string, Link>
  journeys: Record<string, Journey>
  stops: Record<string, Stop>
  requirements: Record<string, Requirement>
  scenarios: Record<string, Scenario>
  scenarioSteps: Record<string, ScenarioStep>
  decisions: Record<string, Decision>
  ideas: Record<string, Idea>
  references: Record<string, Reference>
  comparedSites: Record<string, ComparedSite>
  comparedParts: Record<string, ComparedPart>
  verdicts: Record<string, Verdict>
  audienceGroups: Record<string, AudienceGroup>
  goals: Record<string, Goal>
  bands: Record<string, Band>
  savedGrids: Record<string, SavedGrid>
  guides: Record<string, Guide>
  guideSets: Record<string, GuideSet>
  screens: Record<string, Screen>
  frames: Record<string, Frame>
  browserTabs: Record<string, BrowserTab>
  audience: Record<string, { id: 'audience'; sizes: ViewportSize[]; source?: string }>
  gridQuestions: Record<string, GridQuestion>
  pageStates: Record<string, PageState>
  overlays: Record<string, OverlayRecord>
  boards: Record<string, Board>
  alternatives: Record<string, Alternative>
  artworks: Record<string, Artwork>
  solids: Record<string, Solid>
  /** by the id of the picture or file */
  credits: Record<string, Credit>
  ignoredFindings: Record<string, IgnoredFinding>
  settings: Record<string, Settings>
}

export interface SiteDocument {
  kind: string
  id: string
  schema: number
  records: SiteRecords
}
