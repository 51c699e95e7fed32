import type { Block } from '@nolvex/core/block/block'
import { pictureIds } from './pictures'
import type { IsleField, NoticeField } from './skerrinRows'

/** What a section of the demo says: by which pattern it is drawn, and its copy. */
export interface DemoSection {
  pattern: string
  chosen?: Record<string, number | string | boolean>
  heading: string
  text: string
  parts?: [title: string, text: string][]
  action?: string
  /** short name of the page it leads to */
  to?: string
  /** a picture in place of the first room for one */
  picture?: string
  /** pictures in place of the next rooms for one */
  pictures?: string[]
  /** words in place of those the pattern stands in with */
  instead?: Record<string, string>
  /** words that come from the row of an isle, by the words that stand in for them */
  ofIsle?: { name: string; fields: Record<string, IsleField> }
  /** words that come from each row of the notices, by the words that stand in for them */
  ofNotices?: Record<string, NoticeField>
  /** what its form asks in place of what the pattern's does, by label */
  fields?: Record<string, NonNullable<Block['data']>>
  /** rows of its table */
  cells?: string[][]
}

const sailings = [
  ['Isle', 'Leaves Skerrin', 'Arrives', 'Last boat back'],
  ['Orrel', '09:40', '10:15', '17:50'],
  ['Tansay', '10:15', '11:05', '18:20'],
  ['Little Hask', '11:00', '11:20', '15:10, by the tide'],
  ['Orrel', '13:40', '14:15', '17:50'],
  ['Tansay', '14:30', '15:20', '18:20'],
]

/** The copy of the demo's pages, by short name of the page and name of the section. */
export const skerrinCopy: Record<string, Record<string, DemoSection>> = {
  timetable: {
    'Pick isle and day': {
      pattern: 'page-title',
      heading: 'Timetable',
      text: 'Boats go every day but the first Sunday of the month, when the yard has them. Pick an isle below.',
    },
    Sailings: {
      pattern: 'timetable',
      heading: 'Sailings today',
      text: 'Times are those of the quay. Be there ten minutes before.',
      cells: sailings,
    },
    Tides: {
      pattern: 'features',
      chosen: { count: 3, sign: 'beside' },
      heading: 'When the tide decides',
      text: 'Little Hask has no deep water: two hours around low tide nobody lands.',
      parts: [
        ['Low water', '13:05 at Hask Slip. No landing from 12:05 to 14:05.'],
        ['Swell', 'Below one metre. From two metres on we turn round at the point.'],
        ['Wind', 'West, fresh. The afternoon boat to Tansay takes the lee side.'],
      ],
    },
    'Fares from here': {
      pattern: 'call-to-action',
      heading: 'A day return is 14.50',
      text: 'Children under six and dogs go free. Tickets wait at the ramp.',
      action: 'Buy a ticket',
      to: 'buy',
    },
  },
  isles: {
    Map: {
      pattern: 'page-title',
      heading: 'The three isles',
      text: 'An hour apart at most, and nothing alike. Here is where the boats go.',
    },
    'Three isles': {
      pattern: 'cards',
      chosen: { count: 3 },
      heading: 'Which one today?',
      text: 'Each has a landing, a path round it and somewhere dry to wait.',
      parts: [
        ['Orrel', 'Two beaches, one shop and the old light. The boat waits for nobody at ten to six.'],
        ['Tansay', 'The inn keeps a table for those off the last boat, and beds for those who missed it.'],
        ['Little Hask', 'Seabirds from April to August. Landing by the tide, boots on the slip.'],
      ],
      pictures: [pictureIds.orrel, pictureIds.tansay, pictureIds.hask],
    },
  },
  orrel: {
    Picture: {
      pattern: 'hero-beside',
      chosen: { split: '5/7' },
      heading: 'Orrel',
      text: 'The largest isle, with the market and the school.',
      ofIsle: {
        name: 'Orrel',
        fields: { Orrel: 'name', 'The largest isle, with the market and the school.': 'summary' },
      },
      action: 'Sailings to Orrel',
      to: 'timetable',
      picture: pictureIds.orrel,
    },
    Landing: {
      pattern: 'steps',
      chosen: { count: 3 },
      heading: 'Coming ashore',
      text: 'Orrel Harbour',
      ofIsle: { name: 'Orrel', fields: { 'Orrel Harbour': 'quay' } },
      parts: [
        ['Off the boat', 'The skipper puts out the ramp. Prams and wheels go first.'],
        ['Up the pier', 'Shop and toilets are at its head, open when the boats are in.'],
        ['Back again', 'The last boat leaves at 17:50. It blows its horn at twenty to.'],
      ],
    },
    Walks: {
      pattern: 'words-and-picture',
      chosen: { side: 'right' },
      heading: 'Round the isle in two hours',
      text: 'The path keeps to the shore but for the light, where it climbs. Take water: there is one spring, and the sheep know it.',
      picture: pictureIds.fromAbove,
    },
  },
  tansay: {
    Picture: {
      pattern: 'hero-beside',
      chosen: { split: '5/7', side: 'left' },
      heading: 'Tansay',
      text: 'Fifty minutes out. An inn, forty people, and the best lee on a west wind.',
      action: 'Sailings to Tansay',
      to: 'timetable',
      picture: pictureIds.tansay,
    },
    Landing: {
      pattern: 'words',
      heading: 'The old quay',
      text: 'Eleven steps, with a rail. Those who cannot take steps ask ahead: at half tide we use the ramp by the inn.',
      parts: [
        [
          '',
          'From the quay it is five minutes to the inn and ten to the church, which is open and has the better view.',
        ],
        [
          '',
          'The last boat back leaves at 18:20. On a west wind she comes to the pier on the other side: look for the flag.',
        ],
      ],
    },
    Inn: {
      pattern: 'words-and-picture',
      heading: 'The inn',
      text: 'Soup from noon, beds from six. Whoever misses the last boat pays half for the night.',
      picture: pictureIds.inn,
    },
  },
  hask: {
    Picture: {
      pattern: 'hero-beside',
      chosen: { split: '6/6' },
      heading: 'Little Hask',
      text: 'Twenty minutes out, no house on it, and forty thousand birds that do not mind you if you keep to the path.',
      action: 'Sailings to Little Hask',
      to: 'timetable',
      picture: pictureIds.hask,
    },
    Landing: {
      pattern: 'questions',
      chosen: { count: 3 },
      heading: 'Landing by the tide',
      text: 'The slip is under water two hours a day.',
      parts: [
        [
          'What if the tide is wrong?',
          'The boat goes round the isle instead, and you get half of the fare back.',
        ],
        ['Which shoes?', 'Boots. The slip is weed and stone.'],
        ['May dogs come?', 'Not from April to August, when the birds are on the ground.'],
      ],
    },
    Seabirds: {
      pattern: 'gallery',
      chosen: { count: 6, ratio: '4/3' },
      heading: 'Who lives here',
      text: 'Puffins to the end of July, gannets to September, seals all year.',
      pictures: [pictureIds.hask, ...pictureIds.birds],
    },
  },
  fares: {
    Prices: {
      pattern: 'prices',
      chosen: { count: 3 },
      heading: 'What a crossing costs',
      text: 'One price for all three isles. Under six, over eighty and on a lead: free.',
      parts: [
        ['Single', 'One way\nAny boat that day\nA bike for 3.00 more'],
        ['Day return', 'Out and back on one day\nAny boats\nA bike for 5.00 more'],
        ['Ten crossings', 'For ten, with whom you like\nNever runs out\nBikes go free'],
      ],
      to: 'buy',
      instead: {
        '12.00': '9.00',
        '24.00': '14.50',
        '36.00': '80.00',
        'for one person, once': 'for one person',
      },
    },
    Passes: {
      pattern: 'comparison',
      chosen: { count: 3, rows: 4 },
      heading: 'Passes',
      text: 'Worth it from the fourth crossing on.',
      cells: [
        ['', 'Week', 'Season', 'Islander'],
        ['Crossings', 'any, seven days', 'any, April to October', 'any, all year'],
        ['Price', '48.00', '190.00', '120.00'],
        ['Bike', 'free', 'free', 'free'],
        ['Guests', 'none', 'two a month', 'four a month'],
      ],
    },
    'Refund rule': {
      pattern: 'call-to-action',
      chosen: { stands: 'beside' },
      heading: 'No boat, money back',
      text: 'If we do not sail you are paid back by evening, without asking.',
      action: 'How refunds work',
      to: 'refunds',
    },
  },
  buy: {
    Choose: {
      pattern: 'contact',
      chosen: { choice: true, ways: false },
      heading: 'Choose your crossing',
      text: 'An isle, a day and how many. No account, no seat numbers.',
      fields: {
        'What is it about?': { type: 'choice', label: 'Isle', options: ['Orrel', 'Tansay', 'Little Hask'] },
        Name: { type: 'date', label: 'Day', required: true },
        'E-mail address': { type: 'number', label: 'How many of you', required: true },
        Message: { type: 'email', label: 'E-mail address', fills: 'email', required: true },
      },
      instead: { Send: 'Buy a ticket' },
    },
    Pay: {
      pattern: 'steps',
      chosen: { count: 3 },
      heading: 'Paying',
      text: 'By card or at the ramp in coins.',
      parts: [
        ['Say who comes', 'Grown-ups, children, bikes. Dogs need no ticket.'],
        ['Pay', 'The price is the one you see. Nothing is added.'],
        ['Keep the mail', 'It is the ticket. The skipper reads it from your phone or from paper.'],
      ],
    },
    Done: {
      pattern: 'call-to-action',
      heading: 'See you on the quay',
      text: 'Be there ten minutes before. If we do not sail you hear from us by eight.',
      action: 'Today’s notices',
      to: 'notices',
    },
  },
  bikes: {
    Bikes: {
      pattern: 'page-title',
      heading: 'Bikes and pets',
      text: 'Eight bikes fit on the foredeck. Dogs sit where they like, on a lead.',
    },
    Dogs: {
      pattern: 'features',
      chosen: { count: 3 },
      heading: 'What comes along',
      text: 'Say so when you buy: it keeps the foredeck in order.',
      parts: [
        ['Bikes', '3.00 each way, free with a pass. Panniers off before the ramp.'],
        ['Dogs', 'Free. Not to Little Hask from April to August.'],
        ['Prams', 'Free, folded or not. They go aboard first.'],
      ],
    },
    'Other animals': {
      pattern: 'questions',
      chosen: { count: 3 },
      heading: 'Other animals',
      text: 'We have carried most.',
      parts: [
        ['A cat?', 'In a basket, inside, where it is warm.'],
        ['Sheep?', 'On the freight boat on Thursdays, by the head.'],
        ['Bees?', 'At first light and on deck. Ring the freight office.'],
      ],
    },
  },
  freight: {
    'What we carry': {
      pattern: 'page-title',
      heading: 'Freight',
      text: 'Tuesdays and Thursdays at seven: groceries, gravel, beds and, once, a church bell.',
    },
    Rates: {
      pattern: 'timetable',
      chosen: { columns: 3, rows: 4 },
      heading: 'Rates',
      text: 'By the pallet or by the piece, to any of the isles.',
      cells: [
        ['What', 'To the quay', 'To the door'],
        ['A pallet', '38.00', '55.00'],
        ['A crate', '6.00', '11.00'],
        ['A piece of furniture', '14.00', '26.00'],
        ['A head of sheep', '9.00', 'by agreement'],
      ],
    },
    'Book a pallet': {
      pattern: 'contact',
      chosen: { choice: false, ways: true },
      heading: 'Book a pallet',
      text: 'Until noon the day before. We answer the same day.',
    },
  },
  notices: {
    Now: {
      pattern: 'latest',
      chosen: { count: 3 },
      heading: 'What is different today',
      text: '',
      parts: [['Title of a notice', 'What changes, from when, and what to do.']],
      ofNotices: {
        'Day and month': 'date',
        'Title of a notice': 'title',
        'What changes, from when, and what to do.': 'text',
      },
    },
    Planned: {
      pattern: 'sign-up',
      heading: 'Be told before you leave home',
      text: 'One mail on days when boats do not sail as planned, by seven in the morning.',
    },
  },
  help: {
    Search: {
      pattern: 'page-title',
      heading: 'Help',
      text: 'What people ask at the ramp, and whom to ring when it is not here.',
    },
    Topics: {
      pattern: 'questions',
      chosen: { count: 5 },
      heading: 'Asked most',
      text: '',
      parts: [
        [
          'Is my boat sailing today?',
          'The timetable says so from six in the morning on. If it does not, you are written to.',
        ],
        ['May I take a later boat?', 'Any boat of the same day, if there is room. There mostly is.'],
        ['I left something aboard', 'It hangs in the ticket hut for a month.'],
        ['Can I pay in coins?', 'At the ramp, yes. Notes of fifty make the skipper sigh.'],
        ['Is there a heated seat?', 'Inside, starboard. Regulars know.'],
      ],
    },
    Contact: {
      pattern: 'contact',
      heading: 'Ask us',
      text: 'The ticket hut is manned from seven until the last boat is in.',
    },
  },
  refunds: {
    Rule: {
      pattern: 'page-title',
      heading: 'Refunds',
      text: 'If we do not sail you are paid back by evening. If you do not, until the day before.',
    },
    Form: {
      pattern: 'contact',
      chosen: { choice: true, ways: false },
      heading: 'Ask for a refund',
      text: 'With the number from your ticket it takes a minute; without it, two.',
    },
  },
  access: {
    Ramps: {
      pattern: 'page-title',
      heading: 'Access on board',
      text: 'All boats have a ramp. Not all quays have one at every tide, so ask ahead for Tansay and Little Hask.',
    },
    Seats: {
      pattern: 'features',
      chosen: { count: 4, sign: 'beside' },
      heading: 'What there is',
      text: '',
      parts: [
        ['Ramps', 'One in twelve at high water, one in eight at low.'],
        ['Seats', 'Four by the door are kept for those who need them.'],
        ['Toilet', 'With rails and a wide door, on both large boats.'],
        ['Hearing', 'A loop in the saloon. The horn is loud.'],
      ],
    },
    'Ask ahead': {
      pattern: 'call-to-action',
      chosen: { stands: 'beside' },
      heading: 'Tell us you are coming',
      text: 'Then the mate stands at the ramp and the tide is looked up for you.',
      action: 'Write to us',
      to: 'help',
    },
  },
  about: {
    'The line': {
      pattern: 'words-and-picture',
      heading: 'Four boats and a ticket hut',
      text: 'The line began with a post boat and a dog. The dog is gone; the post still comes on Tuesdays.',
      picture: pictureIds.crew,
    },
    'The boats': {
      pattern: 'people',
      chosen: { count: 4 },
      heading: 'The boats',
      text: 'Each is named for a rock she missed.',
      parts: [
        ['Maiden', 'Ninety seats, the post, and a bell from the first of her name.'],
        ['Anvil', 'Flat, slow, and carries a tractor. Freight on Tuesdays and Thursdays.'],
        ['The Twins', 'Two hulls, for days with a swell. Nobody is sick on the Twins.'],
        ['Old Hask', 'Built in a shed on Orrel. Goes where there is no pier.'],
      ],
      pictures: pictureIds.boats,
    },
    'Work with us': {
      pattern: 'call-to-action',
      heading: 'We look for a mate',
      text: 'With a steady hand, a loud voice and no fear of Thursdays.',
      action: 'Write to the skipper',
      to: 'help',
    },
  },
  notfound: {
    'Nothing found': {
      pattern: 'nothing-found',
      heading: 'This page has sailed',
      text: 'What you were looking for is not here, or no longer. The timetable always is.',
    },
  },
}
