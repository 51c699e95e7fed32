import {
  says,
  text,
  column,
  row,
  button,
  dot,
  page,
  padding,
  look,
  onWhite,
  onGround,
  ground,
  onGroundOf,
  leading,
} from './drawnPages'
import type { Case } from './ruleCase'

export const colourCases: Case[] = [
  {
    rule: 'textContrast',
    fault: page(onWhite(text('pale', 'Hardly there', look('#8a8a8a')))),
    // 4.54 to 1 on white: the darkest grey named in examples of WCAG 2.2, 1.4.3
    miss: page(onWhite(text('pale', 'Hardly there', look('#767676')))),
  },
  {
    rule: 'surfacesVanish',
    fault: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], { look: { fill: { hex: '#fdfdfd' } } }),
    ),
    miss: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], {
        look: { fill: { hex: '#e8efec' } },
        arrange: { padding: padding(16) },
      }),
    ),
    isUnmended: true,
  },
  {
    rule: 'wrongAsAction',
    fault: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'wrong', hex: '#a63d2a' } },
    }),
    miss: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'text', hex: '#1b2023' } },
    }),
  },
  {
    rule: 'colourAlone',
    fault: page(row('marks', [dot('fine', 'rolegood00000000'), dot('bad', 'rolewrong0000000')])),
    miss: page(
      row('marks', [
        dot('fine', 'rolegood00000000'),
        text('said', 'Sails'),
        dot('bad', 'rolewrong0000000'),
        text('also', 'Cancelled'),
      ]),
    ),
    isUnmended: true,
  },
  {
    rule: 'prominence',
    fault: page(button('buy', 'Buy a ticket', onGround('#f0f4f5', '#e4eaec'))),
    miss: page(button('buy', 'Buy a ticket', onGround('#9fc3d1'))),
  },
  {
    rule: 'prominence',
    fault: page(button('buy', 'Buy a ticket', onGround('#9fc3d1')), ground('#9fc3d1', 600)),
    miss: page(button('buy', 'Buy a ticket', onGround('#9fc3d1')), ground('#9fc3d1', 80)),
    isUnmended: true,
  },
  {
    rule: 'nearColours',
    fault: page(onGroundOf('one', '#5b1f8c'), onGroundOf('two', '#5c208b')),
    miss: page(onGroundOf('one', '#5b1f8c'), onGroundOf('two', '#7a2fb5')),
    isUnmended: true,
  },
  {
    rule: 'wrongAsAction',
    fault: page(leading('buy', 'Buy', { look: { fill: { role: 'wrong', hex: '#a63d2a' } } })),
    miss: page(leading('buy', 'Buy', { look: { fill: { role: 'text', hex: '#1b2023' } } })),
  },
]
