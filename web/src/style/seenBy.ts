import type { Deficiency } from '@nolvex/core/colour/deficiency'

/** Who sees colours otherwise than most. */
export const SEEN_BY: Record<Deficiency, string> = {
  protan: 'those who lack red',
  deutan: 'those who lack green',
  tritan: 'those who lack blue',
  achromat: 'those who see greys only',
}
