import { px } from '../../units/length'
import { idOf } from '../draft'
import { LONG, text, heading, page, narrow } from './drawnPages'
import type { Case } from './ruleCase'

export const typeCases: Case[] = [
  {
    rule: 'measure',
    fault: page(text('widetext', LONG + LONG + LONG)),
    miss: page(text('widetext', LONG + LONG + LONG, { place: { maxWidth: px(620) } })),
  },
  {
    rule: 'oneWordLines',
    fault: page(text('squeezed', 'Boats every single morning', { place: { width: px(72) } })),
    miss: page(text('squeezed', 'Boats every single morning', { place: { width: px(160) } })),
    isUnmended: true,
  },
  {
    rule: 'capitals',
    fault: page(text('shouted', 'NO BOATS ON THE FIRST SUNDAY OF THE MONTH AT ALL')),
    miss: page(text('shouted', 'NO BOATS ON SUNDAYS')),
    isUnmended: true,
  },
  {
    rule: 'mainHeading',
    fault: page(heading('second', 1, 'Second')),
    miss: page(heading('second', 2, 'Second')),
  },
  {
    rule: 'headingOrder',
    fault: page(heading('deep', 4, 'Deep')),
    miss: page(heading('deep', 2, 'Deep')),
  },
  {
    rule: 'smallText',
    fault: page(text('tiny', 'Small print', { look: { level: idOf('tiny') } })),
    miss: page(text('tiny', 'Small print', { look: { level: idOf('small') } })),
    levels: { tiny: { size: px(11) }, small: { size: px(12) } },
  },
  {
    rule: 'lineHeight',
    fault: page(text('dense', LONG, { look: { level: idOf('tight') }, ...narrow })),
    miss: page(text('dense', LONG, { look: { level: idOf('open') }, ...narrow })),
    levels: {
      tight: { lineHeight: { value: 1.1, unit: 'em' } },
      open: { lineHeight: { value: 1.4, unit: 'em' } },
    },
  },
  {
    rule: 'levelsAlike',
    fault: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('three') } }),
    ),
    miss: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('four') } }),
    ),
    levels: { two: { size: px(22) }, three: { size: px(21) }, four: { size: px(18) } },
    isUnmended: true,
  },
  {
    rule: 'tooManyFonts',
    fault: page(
      ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } })),
    ),
    miss: page(...[1, 2, 3, 4, 5, 6].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } }))),
    levels: Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8].map((n) => [`l${n}`, { size: px(17 + 2 * n) }])),
    isUnmended: true,
  },
]
