import type { Finish } from '@nolvex/core/paint/finish'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { sketchFinish } from '@nolvex/core/paint/sketchFinish'
import type { ShownAs } from '@nolvex/core/resolve/resolvePage'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import type { FinishName } from './jobModel'

/** The finish of a name. */
export function finishNamed(name: FinishName): Finish {
  if (name === 'sketch') return sketchFinish(fontLibraryInUse())
  return name === 'finished' ? finishedFinish : plainFinish
}

/** What pages in a finish are: blocks may be for wireframes or mockups alone. */
export const shownAs = (name: FinishName): ShownAs => (name === 'finished' ? 'mockup' : 'wireframe')
