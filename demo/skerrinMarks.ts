import type { BrandMark, Mood } from '@nolvex/core/style/brand'
import { pictureIds, PICTURE_SIZE } from './pictures'

const SEA = '#14506b'
const FUNNEL = '#b4472a'

/** A boat between two waves, as large as the line's funnels have it painted. */
const boat = (hull: string, sea: string) =>
  `<path d="M8 34H88L76 54H20Z" fill="${hull}"/><rect x="28" y="18" width="40" height="16" fill="${hull}"/><rect x="44" y="6" width="10" height="12" fill="${FUNNEL}"/><path d="M2 64Q14 56 26 64T50 64T74 64T96 64" fill="none" stroke="${sea}" stroke-width="5" stroke-linecap="round"/>`

const logo = (ink: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="960" height="288" viewBox="0 0 320 96">${boat(ink, ink)}<path d="M112 30H300M112 54H252" stroke="${ink}" stroke-width="13" stroke-linecap="round"/></svg>`

/** Pictures of the brand, drawn by us. */
export const brandPictures: [id: string, name: string, svg: string][] = [
  ['assetlogolight00', 'logo-on-light.png', logo(SEA)],
  ['assetlogodark000', 'logo-on-dark.png', logo('#ffffff')],
  [
    'assetfavicon0000',
    'favicon.png',
    `<svg xmlns="http://www.w3.org/2000/svg" width="192" height="192" viewBox="0 -14 98 98">${boat(SEA, SEA)}</svg>`,
  ],
]

const OURS = { source: 'drawn for Skerrin Ferries', licence: 'the line’s own' }
const LOGO = { width: 960, height: 288 }

export const marks: BrandMark[] = [
  {
    ...{ id: 'marklight0000000', order: 'a0', name: 'Logo', use: 'logo', ground: 'light' },
    ...{ file: { asset: 'assetlogolight00', ...LOGO }, least: 120, clear: 25, ...OURS },
  },
  {
    ...{ id: 'markdark00000000', order: 'a1', name: 'Logo, reversed', use: 'logo', ground: 'dark' },
    ...{ file: { asset: 'assetlogodark000', ...LOGO }, least: 120, clear: 25, ...OURS },
  },
  {
    ...{ id: 'markfavicon00000', order: 'a2', name: 'Favicon', use: 'favicon' },
    ...{ file: { asset: 'assetfavicon0000', width: 192, height: 192 }, least: 16, ...OURS },
  },
]

export const moods: Mood[] = [
  {
    ...{ id: 'moodharbour00000', order: 'a0', file: { asset: pictureIds.harbour, ...PICTURE_SIZE } },
    ...{
      note: 'Early, calm, the first boat of the day.',
      colours: ['#3e5c76', '#cfdde0', '#8fa8a0'],
      ...OURS,
    },
  },
  {
    ...{ id: 'moodorrel0000000', order: 'a1', file: { asset: pictureIds.orrel, ...PICTURE_SIZE } },
    ...{
      note: 'Gorse and sand: warmth beside all the blue.',
      colours: ['#52758a', '#e6dfc9', '#6f8463'],
      ...OURS,
    },
  },
]
