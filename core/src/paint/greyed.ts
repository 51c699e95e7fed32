import type { Frame, Group } from '../vector/mark'

/** Without its colours. @see Filter Effects 1, 9.6.2, the weights of `saturate(0)` */
export const greyed = (region: Frame): Group['filter'] => {
  const row = [0.2126, 0.7152, 0.0722, 0, 0]
  return { steps: [{ type: 'matrix', values: [...row, ...row, ...row, 0, 0, 0, 1, 0] }], region }
}
