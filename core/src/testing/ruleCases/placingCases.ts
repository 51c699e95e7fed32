import { px } from '../../units/length'
import {
  LONG,
  text,
  heading,
  column,
  free,
  at,
  grid,
  lonely,
  page,
  ring,
  padding,
  narrow,
  setIn,
  sign,
} from './drawnPages'
import type { Case } from './ruleCase'

export const placingCases: Case[] = [
  {
    rule: 'headingNearer',
    fault: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(12) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(24) } }),
      ]),
    ),
    miss: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(40) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(16) } }),
      ]),
    ),
  },
  {
    rule: 'insideLarger',
    fault: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(32) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
    miss: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(8) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
  },
  {
    rule: 'textNearEdge',
    fault: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
      }),
    ),
    miss: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
        arrange: { padding: padding(8) },
      }),
    ),
  },
  {
    rule: 'unequalRun',
    fault: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(20) } }),
        text('fourth', 'Four'),
      ]),
    ),
    miss: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(48) } }),
        text('fourth', 'Four'),
      ]),
    ),
  },
  {
    rule: 'nearlyInLine',
    fault: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 43, 192)])),
    miss: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 56, 192)])),
  },
  {
    rule: 'offScale',
    fault: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(13) } })),
    miss: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(12) } })),
  },
  {
    rule: 'offColumns',
    fault: page(free('free', [at('one', 3, 0)])),
    miss: page(free('free', [at('one', 30, 0)])),
  },
  {
    rule: 'crowded',
    fault: page(
      column('paragraphs', [text('first', LONG, narrow), text('second', LONG, narrow)], {
        arrange: { gap: px(4) },
      }),
    ),
    miss: page(
      column('paragraphs', [text('first', LONG, narrow), text('second', LONG, narrow)], {
        arrange: { gap: px(8) },
      }),
    ),
  },
  {
    rule: 'lostInSection',
    fault: [...page(), lonely(320)],
    miss: [...page(), lonely(96)],
    isUnmended: true,
  },
  {
    rule: 'spanTooWide',
    fault: page(grid('cells', [at('cell', 0, 0, { column: { span: 6 } })])),
    miss: page(grid('cells', [at('cell', 0, 0, { column: { span: 4 } })])),
  },
  {
    rule: 'loneAlignment',
    fault: page(column('notes', [...setIn('start', 3), ...setIn('centre', 1)])),
    miss: page(column('notes', [...setIn('start', 2), ...setIn('centre', 2)])),
  },
  {
    rule: 'loneAlignment',
    fault: page(free('free', [at('a', 40, 0), at('b', 40, 80), at('c', 40, 160), at('d', 77, 240)])),
    // On the middle line of the others.
    miss: page(
      free('free', [
        ...[at('a', 40, 0), at('b', 40, 80), at('c', 40, 160)],
        at('d', 60, 240, { width: px(56) }),
      ]),
    ),
  },
  {
    rule: 'offCentre',
    fault: page(sign({ top: px(12), right: px(16), bottom: px(8), left: px(16) })),
    // A little high is where the middle is taken to be.
    miss: page(sign({ top: px(8), right: px(16), bottom: px(10), left: px(16) })),
  },
  {
    rule: 'offCentre',
    fault: page(sign({ top: px(8), right: px(20), bottom: px(8), left: px(16) })),
    miss: page(sign({ top: px(8), right: px(40), bottom: px(8), left: px(16) })),
  },
]
