import { says, text, row, button, page, SIGN, round, leading } from './drawnPages'
import type { Case } from './ruleCase'

export const appearanceCases: Case[] = [
  {
    rule: 'looksLikeButton',
    fault: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' }, radius: round },
    }),
    miss: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
    }),
    isUnmended: true,
  },
  {
    rule: 'buttonUnlike',
    fault: page({
      ...{ kind: 'button', name: 'go', text: says('Go') },
      variant: 'quiet',
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'button', name: 'go', text: says('Go'), variant: 'quiet' }),
  },
  {
    rule: 'primaryActions',
    fault: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask') },
      ]),
    ),
    miss: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask'), variant: 'secondary' },
      ]),
    ),
  },
  {
    rule: 'linkUnlike',
    fault: page({
      kind: 'link',
      name: 'more',
      text: says('All sailings'),
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'link', name: 'more', text: says('All sailings') }),
  },
  {
    rule: 'weakAction',
    fault: page(
      row('actions', [
        button('buy', 'Buy a ticket', { look: { fill: { hex: '#dfe6e9' }, colour: { hex: '#17211e' } } }),
        button('later', 'Not now', {
          variant: 'secondary',
          look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
        }),
      ]),
    ),
    miss: page(
      row('actions', [button('buy', 'Buy a ticket'), button('later', 'Not now', { variant: 'secondary' })]),
    ),
    isUnmended: true,
  },
  {
    rule: 'primaryActions',
    fault: page(row('ways', [leading('buy', 'Buy'), leading('ask', 'Ask')])),
    miss: page(row('ways', [leading('buy', 'Buy'), leading('ask', 'Ask', { variant: 'secondary' })])),
  },
]
