import { count, type Pattern } from '../pattern'
import { beside, button, column, framed, heading, opening, section, small, text, tracks } from '../pieces'
import { plainLevel } from '../../block/textStyle'
import { says } from '../../block/saysField'
import { partsOf } from '../sectionContent'
import { STAND_IN } from '../standIns'

/** What it costs, one offer beside the other. */
export const prices: Pattern = {
  id: 'prices',
  label: 'Prices',
  group: 'facts',
  also: 'fares rates cost plans fees offers tickets passes membership tariff',
  usualHeading: 'What it costs',
  expects: 'two to four offers, each with a price, what it holds and one action',
  parameters: [count('count', 'Offers', 3, 2, 4)],
  make: (content, { count: many }) => {
    const parts = partsOf(content, Number(many), 'Offer')
    return section('Prices', [
      opening(content.heading, content.text),
      tracks(
        'Offers',
        parts.map(({ title, to }, index) =>
          column(
            title,
            [
              heading(3, title),
              text(`${(index + 1) * 12}.00`, { look: { level: plainLevel('h2') } }),
              small('for one person, once'),
              {
                kind: 'list',
                text: says(content.parts[index]?.text || STAND_IN.whatItHolds),
              },
              button('Take this', to, index === 1 ? {} : { variant: 'secondary' }),
            ],
            framed,
          ),
        ),
        beside(parts.length),
      ),
    ])
  },
}
