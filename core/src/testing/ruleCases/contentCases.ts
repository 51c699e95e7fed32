import { px } from '../../units/length'
import { idOf } from '../draft'
import { LONG, says, text, row, free, at, button, page, padding, pressed, link, leading } from './drawnPages'
import type { Case } from './ruleCase'

export const contentCases: Case[] = [
  {
    rule: 'targetSize',
    fault: page(
      row(
        'signs',
        [
          {
            kind: 'button',
            name: 'less',
            text: says('-'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
          {
            kind: 'button',
            name: 'more',
            text: says('+'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
        ],
        { arrange: { gap: px(4) } },
      ),
    ),
    miss: page(
      row('signs', [
        {
          kind: 'button',
          name: 'less',
          text: says('-'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
        { kind: 'text', name: 'count', text: says('two of us') },
        {
          kind: 'button',
          name: 'more',
          text: says('+'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
      ]),
    ),
  },
  {
    rule: 'cutWords',
    fault: page(text('cut', LONG, { look: { lines: 1 }, place: { maxWidth: px(300) } })),
    miss: page(text('cut', 'Every hour', { look: { lines: 1 }, place: { maxWidth: px(300) } })),
  },
  {
    rule: 'standsIn',
    fault: page(text('lead', 'The answer to what people ask most often about this.')),
    miss: page(text('lead', 'Dogs, bikes and prams come along.')),
    isUnmended: true,
  },
  {
    rule: 'readingOrder',
    fault: page(free('free', [at('lower', 40, 200), at('upper', 40, 40)])),
    miss: page(free('free', [at('upper', 40, 40), at('lower', 40, 200)])),
    isUnmended: true,
  },
  {
    rule: 'fieldLabel',
    fault: page({ kind: 'field', name: 'name', data: { label: '' } }),
    miss: page({ kind: 'field', name: 'name', data: { label: 'Name' } }),
    isUnmended: true,
  },
  {
    rule: 'noAlternative',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 } },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 }, alt: 'The isle' },
    }),
    isUnmended: true,
  },
  {
    rule: 'softPictures',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(800) },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(320) },
    }),
    isUnmended: true,
  },
  {
    rule: 'tooLong',
    fault: page(
      button('endless', 'Buy a ticket for the boat to the isles and back today', {
        place: { width: px(160) },
      }),
    ),
    miss: page(button('short', 'Buy a ticket', { place: { width: px(160) } })),
    isUnmended: true,
  },
  {
    rule: 'focusOrder',
    fault: page(free('free', [pressed('second', 240), pressed('first', 40)])),
    miss: page(free('free', [pressed('first', 40), pressed('second', 240)])),
    isUnmended: true,
  },
  {
    rule: 'noTarget',
    fault: page({ kind: 'link', name: 'more', text: says('All sailings') }),
    miss: page(
      { ...link('more', 'All sailings') },
      { kind: 'link', name: 'own', text: says('Of the service'), live: true },
      { kind: 'form', name: 'form', holds: [button('send', 'Send')] },
    ),
    isUnmended: true,
  },
  {
    rule: 'tooLong',
    fault: page(leading('endless', 'Buy a ticket for the boat', { place: { width: px(96) } })),
    miss: page(leading('short', 'Buy a ticket', { place: { width: px(160) } })),
    isUnmended: true,
  },
]
