/** Pages of the ferry line's site with the sections each will have. */
export interface DemoPage {
  id: string
  title: string
  sections: string[]
  children?: DemoPage[]
}

/** The id of the page with a short name. */
export const pageId = (name: string) => `page${name}`.padEnd(16, '0').slice(0, 16)

const page = (name: string, title: string, sections: string[], children?: DemoPage[]): DemoPage => ({
  id: pageId(name),
  title,
  sections,
  children,
})

export const skerrinPages: DemoPage[] = [
  page(
    'home',
    'Home',
    ['Hero', 'Today’s sailings', 'Three isles', 'Notices', 'Evening boat'],
    [
      page('timetable', 'Timetable', ['Pick isle and day', 'Sailings', 'Tides', 'Fares from here']),
      page(
        'isles',
        'Isles',
        ['Map', 'Three isles'],
        [
          page('orrel', 'Orrel', ['Picture', 'Landing', 'Walks']),
          page('tansay', 'Tansay', ['Picture', 'Landing', 'Inn']),
          page('hask', 'Little Hask', ['Picture', 'Landing', 'Seabirds']),
        ],
      ),
      page(
        'fares',
        'Fares',
        ['Prices', 'Passes', 'Refund rule'],
        [
          page('buy', 'Buy a ticket', ['Choose', 'Pay', 'Done']),
          page('bikes', 'Bikes and pets', ['Bikes', 'Dogs', 'Other animals']),
        ],
      ),
      page('freight', 'Freight', ['What we carry', 'Rates', 'Book a pallet']),
      page('notices', 'Notices', ['Now', 'Planned']),
      page(
        'help',
        'Help',
        ['Search', 'Topics', 'Contact'],
        [
          page('refunds', 'Refunds', ['Rule', 'Form']),
          page('access', 'Access on board', ['Ramps', 'Seats', 'Ask ahead']),
        ],
      ),
      page('about', 'About us', ['The line', 'The boats', 'Work with us']),
    ],
  ),
]
