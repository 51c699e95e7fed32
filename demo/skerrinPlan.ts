import type { Page, Section, SiteRecords } from '@nolvex/core/site/site'
import type { ContentItem } from '@nolvex/core/content/content'

/** What the demo's site is planned with beside its pages: what they are for, menus, links, journeys, brief, content. */

const page = (id: string) => `page${id}`.padEnd(16, '0').slice(0, 16)
const order = (index: number) => `a${String.fromCharCode(97 + index)}`
let made = 0
export const newId = () => `demo${String(made++).padStart(12, '0')}`

function keyed<T extends { id: string }>(records: T[]): Record<string, T> {
  return Object.fromEntries(records.map((record) => [record.id, record]))
}

interface PagePlan extends Partial<Page> {
  purpose: string
  goal: string
}

export const pagePlans: Record<string, PagePlan> = {
  home: {
    purpose: 'Tells at a glance whether boats sail today, and where they go.',
    goal: 'Finds a sailing for today',
    state: 'agreed',
  },
  timetable: {
    purpose: 'All sailings by isle and day, with tides where they matter.',
    goal: 'Picks a sailing',
    state: 'agreed',
  },
  isles: {
    purpose: 'Shows where we go, for those who have not decided.',
    goal: 'Chooses an isle',
    state: 'planned',
  },
  orrel: {
    purpose: 'What waits on an isle and how to land there.',
    goal: 'Plans a day on the isle',
    state: 'planned',
    template: { each: 'one per isle', count: 5 },
  },
  tansay: { purpose: 'The isle with the inn.', goal: 'Plans a day on the isle', state: 'idea' },
  hask: {
    purpose: 'The isle with the seabirds; landing depends on the tide.',
    goal: 'Plans a day on the isle',
    state: 'idea',
  },
  fares: {
    purpose: 'What a crossing costs, for whom, and which pass pays.',
    goal: 'Knows the price',
    state: 'agreed',
  },
  buy: {
    purpose: 'Sells a ticket in three steps.',
    goal: 'Pays for a ticket',
    state: 'planned',
    constraints: 'Payment runs at the bank’s page and comes back here.',
  },
  bikes: {
    purpose: 'What may come aboard and what it costs.',
    goal: 'Knows whether the dog may come',
    shortName: 'Bikes & pets',
    state: 'planned',
  },
  freight: {
    purpose: 'For islanders and builders: what we carry and how to book it.',
    goal: 'Books a pallet',
    state: 'planned',
  },
  notices: {
    purpose: 'What is different from the timetable, now and later.',
    goal: 'Learns of a change in time',
    state: 'agreed',
  },
  help: { purpose: 'Answers before people have to ring.', goal: 'Finds an answer', state: 'planned' },
  refunds: {
    purpose: 'When money comes back, and the form for it.',
    goal: 'Sends the form',
    state: 'planned',
  },
  access: {
    purpose: 'What helps on board and ashore.',
    goal: 'Knows the trip can be made',
    state: 'planned',
  },
  about: { purpose: 'Who runs the boats.', goal: 'Trusts us', state: 'idea' },
}

/** Sections the content service fills. */
export const serviceSections = ['Today’s sailings', 'Sailings', 'Tides', 'Now', 'Planned', 'Notices']

export const commonSections: Section[] = [
  { id: newId(), order: 'aa', name: 'Header', common: 'top', purpose: 'Mark, main menu, buy a ticket' },
  { id: newId(), order: 'ab', name: 'Footer', common: 'bottom', purpose: 'Footer menu, telephone, address' },
]

const menus = [
  { id: newId(), order: 'aa', name: 'Main menu', kind: 'main' as const },
  { id: newId(), order: 'ab', name: 'Footer', kind: 'footer' as const },
  { id: newId(), order: 'ac', name: 'Service line', kind: 'utility' as const },
]
const entry = (menu: number, at: number, to: string, label?: string, parent?: string) => ({
  id: newId(),
  menu: menus[menu].id,
  order: order(at),
  page: page(to),
  ...(label ? { label } : {}),
  ...(parent ? { parent } : {}),
})
const isles = entry(0, 1, 'isles')
const fares = entry(0, 2, 'fares')
const menuEntries = [
  entry(0, 0, 'timetable'),
  isles,
  entry(0, 0, 'orrel', undefined, isles.id),
  entry(0, 1, 'tansay', undefined, isles.id),
  entry(0, 2, 'hask', undefined, isles.id),
  fares,
  entry(0, 0, 'bikes', undefined, fares.id),
  entry(0, 3, 'freight'),
  entry(0, 4, 'help'),
  entry(1, 0, 'about'),
  entry(1, 1, 'help', 'Help and contact'),
  entry(1, 2, 'access'),
  {
    id: newId(),
    menu: menus[1].id,
    order: 'ad',
    label: 'Harbour weather',
    address: 'https://weather.skerrin-ferries.example',
  },
  entry(2, 0, 'notices'),
]

const link = (from: string, to: string, label?: string) => ({
  id: newId(),
  from: page(from),
  to: page(to),
  ...(label ? { label } : {}),
})
const links = [
  link('home', 'timetable', 'All sailings'),
  link('home', 'isles'),
  link('timetable', 'buy', 'Buy this crossing'),
  link('fares', 'buy', 'Buy a ticket'),
  link('help', 'access'),
  link('orrel', 'timetable', 'Sailings to Orrel'),
]

const journeys = [
  {
    id: newId(),
    order: 'aa',
    name: 'Buy a crossing for today',
    goal: 'Holds a ticket for a boat that sails today',
  },
  { id: newId(), order: 'ab', name: 'Money back', goal: 'Has sent the form' },
  { id: newId(), order: 'ac', name: 'Bring the dog', goal: 'Knows whether and for how much' },
]
const stop = (journey: number, to: string, parent?: string, at = 0, when?: string) => ({
  id: newId(),
  journey: journeys[journey].id,
  order: order(at),
  page: page(to),
  ...(parent ? { parent } : {}),
  ...(when ? { when } : {}),
})
const buy = [stop(0, 'home')]
buy.push(stop(0, 'timetable', buy[0].id))
buy.push(
  stop(0, 'buy', buy[1].id, 0, 'knows the price'),
  stop(0, 'fares', buy[1].id, 1, 'asks for the price'),
)
buy.push(stop(0, 'buy', buy[3].id))
const refund = [stop(1, 'home')]
refund.push(stop(1, 'help', refund[0].id))
refund.push(stop(1, 'refunds', refund[1].id))
const dog = [stop(2, 'home')]
dog.push(stop(2, 'bikes', dog[0].id))

export const requirements = [
  {
    number: 1,
    text: 'Says before the fold whether boats sail today.',
    state: 'agreed' as const,
    page: page('home'),
  },
  { number: 2, text: 'Works on a telephone with one bar of signal on the quay.', state: 'open' as const },
  {
    number: 3,
    text: 'Sailings come from the content service, never typed twice.',
    state: 'agreed' as const,
    page: page('timetable'),
  },
  {
    number: 4,
    text: 'A ticket is bought in three steps at most.',
    state: 'open' as const,
    page: page('buy'),
  },
  { number: 5, text: 'The refund rule fits one paragraph.', state: 'met' as const, page: page('refunds') },
].map((one, index) => ({ id: newId(), order: order(index), ...one }))

const scenario = {
  id: newId(),
  page: page('timetable'),
  order: 'aa',
  title: 'A family on the quay looks for the next boat',
}
const step = (text: string, at: number, parent?: string) => ({
  id: newId(),
  scenario: scenario.id,
  order: order(at),
  text,
  ...(parent ? { parent } : {}),
})
const choose = step('Chooses the isle; today is chosen already.', 0)
const scenarioSteps = [
  choose,
  step('Does not know the isle’s name and taps it on the map.', 0, choose.id),
  step('Sees the next sailing first, with minutes to go.', 1),
  step('Reads what bikes cost, and goes on to buy.', 2),
]

export const planning: Partial<SiteRecords> = {
  menus: keyed(menus),
  menuEntries: keyed(menuEntries),
  links: keyed(links),
  journeys: keyed(journeys),
  stops: keyed([...buy, ...refund, ...dog]),
  requirements: keyed(requirements),
  scenarios: keyed([scenario]),
  scenarioSteps: keyed(scenarioSteps),
  decisions: keyed([
    {
      id: newId(),
      order: 'aa',
      question: 'Do we sell tickets ourselves or through the harbour office?',
      who: 'The line’s manager',
    },
    {
      id: newId(),
      order: 'ab',
      page: page('timetable'),
      question: 'Tides beside sailings, or on a page of their own?',
      who: 'Designer and skipper',
      answer: 'Beside the sailings of Little Hask only.',
      reason: 'Only that landing depends on the tide.',
      evidence: 'Ten calls a week to the office ask about it.',
    },
  ]),
  ideas: keyed([
    { id: newId(), order: 'aa', text: 'A live picture of the harbour' },
    { id: newId(), order: 'ab', text: 'Season passes for islanders’ guests' },
  ]),
  references: keyed([
    {
      id: newId(),
      order: 'aa',
      title: 'The printed timetable',
      note: 'People know its colours by heart: keep one colour per isle.',
    },
  ]),
  comparedSites: keyed([
    { id: newId(), order: 'aa', name: 'A bus line’s site' },
    { id: newId(), order: 'ab', name: 'A harbour office’s site' },
  ]),
  comparedParts: keyed([
    { id: newId(), order: 'aa', name: 'Next departure' },
    { id: newId(), order: 'ab', name: 'Prices' },
  ]),
  audienceGroups: keyed([
    { id: newId(), order: 'aa', name: 'Day trippers', needs: 'When, where, how much, with the dog' },
    { id: newId(), order: 'ab', name: 'Islanders', needs: 'Changes at once; freight' },
    {
      id: newId(),
      order: 'ac',
      name: 'Walkers with little mobility',
      needs: 'Ramps, seats, somebody to ring',
    },
  ]),
  goals: keyed([
    { id: newId(), order: 'aa', text: 'Half as many calls that ask whether boats sail' },
    { id: newId(), order: 'ab', text: 'Two tickets in three are bought before the quay' },
  ]),
}
const [busLine, harbour] = Object.keys(planning.comparedSites ?? {})
const [departure, prices] = Object.keys(planning.comparedParts ?? {})
planning.verdicts = keyed([
  {
    id: newId(),
    site: busLine,
    part: departure,
    does: 'well' as const,
    note: 'First thing on the page, with minutes.',
  },
  { id: newId(), site: busLine, part: prices, does: 'badly' as const, note: 'Behind three questions.' },
  { id: newId(), site: harbour, part: departure, does: 'badly' as const, note: 'A scanned sheet of paper.' },
])

const item = (number: number, title: string, on: string, more: Partial<ContentItem> = {}): ContentItem => ({
  id: newId(),
  number,
  title,
  kind: 'text',
  state: 'missing',
  page: page(on),
  ...more,
})
export const contentItems: ContentItem[] = [
  item(1, 'Headline of the home page', 'home', {
    state: 'final',
    text: 'Small boats. Three isles. Every day.',
    owner: 'Copywriter',
  }),
  item(2, 'Picture of the harbour', 'home', { kind: 'picture', state: 'draft', owner: 'Photographer' }),
  item(3, 'Sailings', 'timetable', { kind: 'data', state: 'final', source: 'Content service, sailings' }),
  item(4, 'Tides at Hask Slip', 'timetable', { kind: 'data', state: 'missing', source: 'Harbour office' }),
  item(5, 'How to land on Orrel', 'orrel', { state: 'draft', owner: 'Skipper' }),
  item(6, 'Walks on Orrel', 'orrel', { state: 'missing', owner: 'Walking club' }),
  item(8, 'Seabirds of Little Hask', 'hask', { kind: 'picture', owner: 'Photographer' }),
  item(9, 'Prices and passes', 'fares', { state: 'draft', owner: 'Office' }),
  item(10, 'Refund rule', 'refunds', { state: 'final', owner: 'Office' }),
  item(11, 'The boats and their names', 'about', { owner: 'Copywriter' }),
]

/** The number given last; its item was taken out again. */
export const lastNumber = 11

/** The id of a requirement by its number. */
export function requirementId(number: number): string {
  const found = requirements.find((one) => one.number === number)
  if (!found) throw new Error(`There is no requirement ${number}.`)
  return found.id
}
