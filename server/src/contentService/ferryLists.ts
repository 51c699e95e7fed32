/** The isles the ferry line calls at. */
export const isles = [
  {
    name: 'Orrel',
    people: 1240,
    quay: 'Orrel Harbour',
    bikes: true,
    summary: 'The largest isle, with the market and the school.',
  },
  {
    name: 'Tansay',
    people: 410,
    quay: 'Tansay Stone Quay',
    bikes: true,
    summary: 'Beaches on three sides and a lighthouse walk.',
  },
  {
    name: 'Little Hask',
    people: 38,
    quay: 'Hask Slip',
    bikes: false,
    summary: 'Seabirds, one farm and no cars.',
  },
  {
    name: 'Great Hask',
    people: 205,
    quay: 'Hask Pier',
    bikes: true,
    summary: 'Peat moor, a smithy and the weaving shed.',
  },
  {
    name: 'Skerrin Rock',
    people: 4,
    quay: 'Rock Steps',
    bikes: false,
    summary: 'The old light and its keepers’ garden.',
  },
]

const ROUTES = [
  { from: 'Orrel', to: 'Tansay', minutes: 35, fare: 6.5, first: 6 * 60 + 40, last: 20 * 60 + 10, every: 70 },
  { from: 'Tansay', to: 'Orrel', minutes: 35, fare: 6.5, first: 7 * 60 + 25, last: 20 * 60 + 55, every: 70 },
  { from: 'Orrel', to: 'Great Hask', minutes: 60, fare: 9, first: 8 * 60 + 5, last: 18 * 60 + 5, every: 150 },
  {
    from: 'Great Hask',
    to: 'Orrel',
    minutes: 60,
    fare: 9,
    first: 9 * 60 + 20,
    last: 19 * 60 + 20,
    every: 150,
  },
  {
    from: 'Great Hask',
    to: 'Little Hask',
    minutes: 15,
    fare: 3,
    first: 9 * 60 + 40,
    last: 16 * 60 + 40,
    every: 210,
  },
  { from: 'Orrel', to: 'Skerrin Rock', minutes: 85, fare: 14, first: 10 * 60, last: 14 * 60, every: 240 },
]

const clock = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`

/** The sailings of a day. */
export const sailings = ROUTES.flatMap(({ from, to, minutes, fare, first, last, every }) =>
  Array.from({ length: Math.floor((last - first) / every) + 1 }, (_, index) => {
    const leaves = first + index * every
    return { from, to, leaves: clock(leaves), arrives: clock(leaves + minutes), minutes, fare }
  }),
)

/** What passengers have to know. */
export const notices = [
  {
    date: '2026-06-01',
    title: 'Summer timetable begins',
    route: 'all',
    urgent: false,
    text: 'More sailings to Tansay until the end of August.',
  },
  {
    date: '2026-06-12',
    title: 'Hask Slip closed at low water',
    route: 'Great Hask to Little Hask',
    urgent: true,
    text: 'Sailings within an hour of low water land at the old steps.',
  },
  {
    date: '2026-07-03',
    title: 'Market day',
    route: 'Tansay to Orrel',
    urgent: false,
    text: 'An extra boat leaves Tansay at nine.',
  },
]
