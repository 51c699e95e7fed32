import type { AlignTo } from '@nolvex/core/snap/alignBlocks'
import { nudgeByColumn } from '@nolvex/core/snap/nudgeBlocks'
import type { Axis } from '@nolvex/core/snap/rect'
import { useCommands } from '../../commands/commandStore'
import { useOverlays } from '../../grid/useOverlays'
import type { PanelName } from '../panels/panels'
import type { DraftingPage } from '../usePage'
import { useArranging } from './useArranging'

const ALIGNMENTS: [id: string, words: string, key: string, axis: Axis, to: AlignTo][] = [
  ['left', 'left edges', 'Shift+L', 'x', 'start'],
  ['centres', 'centres', 'Shift+C', 'x', 'centre'],
  ['right', 'right edges', 'Shift+R', 'x', 'end'],
  ['top', 'top edges', 'Shift+T', 'y', 'start'],
  ['middles', 'middles', 'Shift+M', 'y', 'centre'],
  ['foot', 'lower edges', 'Shift+F', 'y', 'end'],
  ['baselines', 'baselines of text', 'Shift+B', 'y', 'baseline'],
]

/** Offers everything that arranges what is selected, and the lists beside the page. */
export function useArrangeCommands(page: DraftingPage) {
  const arranging = useArranging(page)
  const { spacing } = useOverlays()
  const has = () => page.records.value.length > 0
  const hasOne = () => page.records.value.length === 1
  const toggle = (panel: PanelName) => () =>
    (page.panel.value = page.panel.value === panel ? undefined : panel)

  function byColumn(step: -1 | 1) {
    page.arrange('Move by a column', nudgeByColumn(page.drawn.value, page.selection.value, step))
  }

  useCommands().offer([
    ...ALIGNMENTS.map(([id, words, key, axis, to]) => ({
      id: `align-${id}`,
      label: `Bring ${words} into line`,
      keys: [key],
      run: () => arranging.align(axis, to),
      enabled: has,
    })),
    {
      id: 'spread-across',
      label: 'Spread evenly across',
      keys: ['Shift+H'],
      run: () => arranging.spread('x', 'equal'),
      enabled: has,
    },
    {
      id: 'spread-down',
      label: 'Spread evenly down',
      keys: ['Shift+V'],
      run: () => arranging.spread('y', 'equal'),
      enabled: has,
    },
    { id: 'group', label: 'Group into a box', keys: ['Alt+G'], run: arranging.group, enabled: has },
    { id: 'ungroup', label: 'Ungroup', keys: ['Alt+Shift+G'], run: arranging.ungroup, enabled: has },
    { id: 'wrap', label: 'Wrap in a section of its own', keys: ['Alt+W'], run: arranging.wrap, enabled: has },
    {
      id: 'raise',
      label: 'Move out of what it stands in',
      keys: ['Alt+Shift+ArrowUp'],
      run: arranging.raise,
      enabled: hasOne,
    },
    {
      id: 'lower',
      label: 'Move into the box before it',
      keys: ['Alt+Shift+ArrowDown'],
      run: arranging.lower,
      enabled: hasOne,
    },
    {
      id: 'front',
      label: 'Bring to the front',
      keys: ['Alt+PageUp'],
      run: () => arranging.stack('front'),
      enabled: has,
    },
    {
      id: 'back',
      label: 'Bring to the back',
      keys: ['Alt+PageDown'],
      run: () => arranging.stack('back'),
      enabled: has,
    },
    {
      id: 'column-left',
      label: 'Move by a column to the left',
      keys: ['Alt+Shift+ArrowLeft'],
      run: () => byColumn(-1),
      enabled: has,
    },
    {
      id: 'column-right',
      label: 'Move by a column to the right',
      keys: ['Alt+Shift+ArrowRight'],
      run: () => byColumn(1),
      enabled: has,
    },
    {
      id: 'spacing',
      label: 'Show or hide all gaps and padding of the section',
      keys: ['J'],
      run: () => (spacing.value = !spacing.value),
    },
    {
      id: 'ruler',
      label: 'Measure between two points, or stop',
      keys: ['K'],
      run: () => (page.ruler.value = page.ruler.value ? undefined : {}),
    },
    {
      id: 'no-ruler',
      label: 'Take the ruler away',
      keys: ['Escape'],
      run: () => (page.ruler.value = undefined),
      enabled: () => page.ruler.value !== undefined,
    },
    { id: 'true-up', label: 'True up…', keys: ['T'], run: toggle('trueUp') },
    {
      id: 'structure',
      label: 'Structure from placement, and back…',
      keys: ['Alt+R'],
      run: toggle('structure'),
    },
    {
      id: 'differences',
      label: 'List what differs at this band',
      keys: ['Alt+B'],
      run: toggle('differences'),
    },
    { id: 'changes', label: 'List the changes', keys: ['Alt+H'], run: toggle('changes') },
  ])
}
