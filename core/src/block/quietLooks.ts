import { px } from '../units/length'
import type { Varying } from './varying'
import { plainLevel } from './textStyle'

/** Words of less weight beside others. */
export const FAINT = { role: 'soft' as const, hex: '#56625d' }
const EDGE = { width: px(1), line: 'solid' as const, colour: { role: 'edge' as const, hex: '#6f7874' } }

/** A line around a part, all round. */
export const RING = { top: EDGE, right: EDGE, bottom: EDGE, left: EDGE }

/** The levels words around a control are set in. */
export const MESSAGE = { label: plainLevel('h5'), hint: plainLevel('small') }

const input: Varying = {
  arrange: { padding: { top: px(9), right: px(12), bottom: px(9), left: px(12) } },
  place: { width: 'fill', height: 'fit' },
  look: { border: RING, level: plainLevel('p') },
}

/** Controls until the style guide dresses them; one that is chosen from leaves room for its arrow. */
export const CONTROL_LOOK: Record<'input' | 'select', Varying> = {
  input,
  select: { ...input, arrange: { padding: { top: px(9), right: px(36), bottom: px(9), left: px(12) } } },
}
