import { USUAL_START, type Start } from '../style/quickStart'
import { px } from '../units/length'
import type { Sketch } from './draft'
import { button, column, heading, link, padding, ring, round, row, text } from './ruleCases/drawnPages'

/** A page somebody would be content with, and the guide it is dressed by. */
export interface WellMade {
  name: string
  start: Start
  sketches: Sketch[]
}

const NARROW = { place: { maxWidth: px(560) } }
const section = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'section', name, holds },
  ...more,
  arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) }, ...more.arrange },
})
const field = (name: string, label: string, more: object = {}): Sketch => ({
  ...{ kind: 'field', name, place: { width: px(320) } },
  data: { label, ...more },
})
/** Words on a ground, low and without corners: a mark, nothing to press. */
const badge = (name: string, words: string, fill: string, colour = '#1b2023'): Sketch =>
  text(name, words, {
    ...{
      place: { width: 'fit' },
      arrange: { padding: { top: px(2), bottom: px(2), left: px(8), right: px(8) } },
    },
    look: { fill: { hex: fill }, colour: { hex: colour }, radius: round },
  })
const card = (name: string, title: string, words: string, more: Sketch[] = []): Sketch =>
  column(name, [heading(`${name}title`, 3, title), text(`${name}words`, words), ...more], {
    ...{ arrange: { gap: px(8), padding: padding(24) }, place: { width: 'fill' } },
    look: { border: ring('#7d8a86') },
  })
const actions = (name: string, main: string, other: string): Sketch =>
  row(name, [button(`${name}main`, main), button(`${name}other`, other, { variant: 'secondary' })], {
    arrange: { wrap: true, gap: px(12) },
  })
const dark = { look: { fill: { hex: '#15201d' }, colour: { hex: '#f4f7f5' } } }
const start = (more: Partial<Start>): Start => ({ ...USUAL_START, ...more })

/** Ten pages of ten trades, each another way: what good pages have that only looks like a fault. */
export const WELL_MADE: WellMade[] = [
  {
    name: 'a bakery: times in capitals, prices on grounds',
    start: start({ main: '#7a3b12', corners: 'round', isTinted: true }),
    sketches: [
      section('bread', [
        heading('baked', 1, 'Bread, baked at four in the morning'),
        text('intro', 'Sourdough, rye and a sweet plait on Saturdays.', NARROW),
        actions('order', 'Order for tomorrow', 'See all loaves'),
      ]),
      section('loaves', [
        heading('today', 2, 'Today in the shop'),
        row(
          'three',
          [
            card('rye', 'Rye', 'Dark, sour and good for a week.', [badge('ryeprice', '4.20', '#f0dfc8')]),
            card('plait', 'Plait', 'With raisins, on Saturdays.', [badge('plaitprice', '5.60', '#f0dfc8')]),
            card('roll', 'Rolls', 'Until they are gone.', [badge('rollprice', '0.80', '#f0dfc8')]),
          ],
          { arrange: { gap: px(24), wrap: true } },
        ),
        link('allloaves', 'All loaves and what is in them'),
      ]),
    ],
  },
  {
    name: 'a library: a search field with its button, and results',
    start: start({ main: '#2a4d8f', corners: 'square', density: 'tight' }),
    sketches: [
      section('search', [
        heading('find', 1, 'Find a book'),
        row(
          'searching',
          [field('words', 'Title, author or subject', { type: 'search' }), button('look', 'Search')],
          {
            arrange: { gap: px(12), align: 'end', wrap: true },
          },
        ),
      ]),
      section('results', [
        heading('found', 2, 'Three books found'),
        ...['The night ferry', 'Salt and slate', 'A year of tides'].map((title, index) =>
          column(
            `book${index}`,
            [
              heading(`title${index}`, 3, title),
              row(`about${index}`, [
                text(`shelf${index}`, 'Second floor, shelf 14'),
                badge(`state${index}`, index === 1 ? 'Lent' : 'Here', '#dfe8f6'),
              ]),
              link(`reserve${index}`, 'Reserve it', `book/${index}`),
            ],
            { arrange: { gap: px(8) } },
          ),
        ),
      ]),
    ],
  },
  {
    name: 'a dentist: a form of many fields',
    start: start({ main: '#00695c', corners: 'pill', size: 18 }),
    sketches: [
      section('visit', [
        heading('ask', 1, 'Ask for a visit'),
        text('how', 'We ring back within a day. In pain? Come at once, without a date.', NARROW),
        {
          ...{ kind: 'form', name: 'form', arrange: { type: 'column', gap: px(24) } },
          holds: [
            field('name', 'Your name'),
            field('tel', 'Telephone', { type: 'tel' }),
            field('when', 'A day that suits you', { type: 'date' }),
            field('what', 'What is the matter?', { type: 'long' }),
            button('send', 'Ask for a visit'),
          ],
        },
      ]),
      section('hours', [
        heading('open', 2, 'When we are there'),
        {
          ...{ kind: 'table', name: 'times' },
          data: {
            cells: [
              ['Day', 'From', 'To'],
              ['Monday', '8:00', '17:00'],
              ['Friday', '8:00', '13:00'],
            ],
          },
        },
      ]),
    ],
  },
  {
    name: 'a choir: dark, with one light action',
    start: start({ main: '#f2c14e', corners: 'slight' }),
    sketches: [
      section(
        'concert',
        [
          heading('night', 1, 'A night of winter songs', { look: { colour: { hex: '#ffffff' } } }),
          text('where', 'In the old salt house, on the second of December at eight.', {
            ...NARROW,
            look: { colour: { hex: '#f4f7f5' } },
          }),
          button('tickets', 'Get tickets', {
            look: { fill: { hex: '#f2c14e' }, colour: { hex: '#15201d' }, border: ring('#f2c14e') },
          }),
        ],
        dark,
      ),
      section('who', [
        heading('voices', 2, 'Forty voices and a piano'),
        text(
          'since',
          'We have sung together since 1987, on Tuesdays, and take in whoever can hold a note.',
          NARROW,
        ),
        link('join', 'How to join us'),
      ]),
    ],
  },
  {
    name: 'a nursery garden: steps in numbers on rounds',
    start: start({ main: '#386641', corners: 'round', density: 'airy' }),
    sketches: [
      section('planting', [
        heading('plant', 1, 'Plant a hedge in an afternoon'),
        ...['Dig', 'Plant', 'Water'].map((word, index) =>
          row(
            `step${index}`,
            [
              text(`number${index}`, String(index + 1), {
                ...{ place: { width: px(40) }, arrange: { padding: { top: px(8), bottom: px(8) } } },
                look: { fill: { hex: '#386641' }, colour: { hex: '#ffffff' }, textAlign: 'centre' },
              }),
              column(
                `does${index}`,
                [
                  heading(`word${index}`, 2, word),
                  text(`how${index}`, 'Two spades deep, a hand apart, and a can for each.', NARROW),
                ],
                { arrange: { gap: px(4) } },
              ),
            ],
            { arrange: { gap: px(16) } },
          ),
        ),
        button('order', 'Order plants'),
      ]),
    ],
  },
  {
    name: 'a museum: quiet links under pictures, one action',
    start: start({ main: '#8a1c3b', headings: 'Public Sans', ratio: 1.333 }),
    sketches: [
      section('show', [
        heading('nets', 1, 'Nets, knots and sails'),
        text('until', 'Until the end of March, every day but Monday.', NARROW),
        actions('go', 'Plan a visit', 'What it costs'),
      ]),
      section('rooms', [
        heading('room', 2, 'Four rooms'),
        row(
          'pictures',
          [
            card('ropes', 'The rope walk', 'A hundred paces of hemp.', [
              link('ropesmore', 'Into the rope walk', 'ropes'),
            ]),
            card('lofts', 'The sail loft', 'Canvas, needles and wax.', [
              link('loftsmore', 'Up to the loft', 'lofts'),
            ]),
          ],
          { arrange: { gap: px(24), wrap: true } },
        ),
      ]),
    ],
  },
  {
    name: 'a bicycle workshop: an alert with an edge, prices in a table',
    start: start({ main: '#b23a0e', corners: 'slight', contrast: 'high' }),
    sketches: [
      section('top', [
        row('alert', [text('closed', 'We are shut on the first of May: bring your wheels before.')], {
          ...{ arrange: { padding: padding(16) }, place: { width: 'fill' } },
          look: {
            colourSet: 'light',
            fill: { hex: '#fdf1e4' },
            border: { left: { width: px(4), line: 'solid', colour: { hex: '#b23a0e' } } },
          },
        }),
        heading('mended', 1, 'Mended while you wait'),
        button('book', 'Book a time'),
      ]),
      section('prices', [
        heading('cost', 2, 'What it costs'),
        {
          ...{ kind: 'table', name: 'list' },
          data: {
            cells: [
              ['Work', 'Price'],
              ['Tyre', '12'],
              ['Brakes', '25'],
              ['All of it', '90'],
            ],
          },
        },
      ]),
    ],
  },
  {
    name: 'a guest house: a question each to open',
    start: start({ main: '#31572c', isTinted: true, density: 'airy' }),
    sketches: [
      section('rooms', [
        heading('sleep', 1, 'Nine rooms above the harbour'),
        text('quiet', 'No television, good beds, breakfast until eleven.', NARROW),
        button('ask', 'Ask for a room'),
      ]),
      section('questions', [
        heading('asked', 2, 'Often asked'),
        {
          ...{ kind: 'accordion', name: 'answers' },
          holds: [
            column('May the dog come?', [text('dog', 'Yes, to the ground floor, for six a night.')]),
            column('Is there a lift?', [text('lift', 'No; two rooms are without stairs.')]),
          ],
        },
        link('further', 'All answers'),
      ]),
    ],
  },
  {
    name: 'a school: quiet buttons beside a loud one, a sign-up in a band',
    start: start({ main: '#5a2a83', second: '#e07a5f', corners: 'pill' }),
    sketches: [
      section('learn', [
        heading('sail', 1, 'Learn to sail in a week'),
        row('ways', [button('enrol', 'Enrol'), button('when', 'Dates', { variant: 'quiet' })], {
          arrange: { gap: px(12) },
        }),
      ]),
      section('news', [
        heading('letters', 2, 'A letter a month'),
        {
          ...{
            kind: 'form',
            name: 'signup',
            arrange: { type: 'row', gap: px(12), align: 'end', wrap: true },
          },
          holds: [field('mail', 'E-mail', { type: 'email' }), button('subscribe', 'Send it to me')],
        },
      ]),
    ],
  },
  {
    name: 'a tool: plans beside one another, one of them marked',
    start: start({ main: '#1d4ed8', corners: 'slight', density: 'tight' }),
    sketches: [
      section('plans', [
        heading('choose', 1, 'Two plans, no traps'),
        row(
          'both',
          [
            card('alone', 'Alone', 'For one boat.', [
              text('aloneprice', '6 a month'),
              button('takealone', 'Take this one', { variant: 'secondary' }),
            ]),
            card('fleet', 'Fleet', 'For up to forty boats.', [
              badge('most', 'Most take this', '#dbe6ff'),
              text('fleetprice', '40 a month'),
              button('takefleet', 'Take this one'),
            ]),
          ],
          { arrange: { gap: px(24), wrap: true } },
        ),
        text('vat', 'Prices without tax. You can leave at any time.', NARROW),
      ]),
    ],
  },
]
