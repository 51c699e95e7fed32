import type { Ref } from 'vue'
import { leafShownBy, refusesParent, standsOnPage, type Block } from '@nolvex/core/block/block'
import {
  duplicateBlocks,
  insertBlocks,
  moveBlocks,
  removeBlocks,
  spotAfter,
  spotBeside,
  type BlockSpot,
} from '@nolvex/core/edit/blockChanges'
import { blocksFrom, labelOfPut, type ShelfItem } from '@nolvex/core/block/shelf'
import { fitInRow } from '@nolvex/core/edit/fitInRow'
import { siblingsAtBand } from '@nolvex/core/resolve/siblings'
import { useCommands } from '../commands/commandStore'
import { newId } from '../session/newId'
import { movedSince, standApart, standBeside } from '@nolvex/core/snap/duplicateBeside'
import { canNudge, nudgeBlocks } from '@nolvex/core/snap/nudgeBlocks'
import type { DraftingPage } from './usePage'
import { useSpacingStep } from './useSpacingStep'
import { useClipboard } from './useClipboard'
import { useSelectionCommands } from './useSelectionCommands'

/** What can be done with blocks by command and key, and putting new ones on the page. */
export function useBlockCommands(page: DraftingPage, isExporting: Ref<boolean>, focusShelf: () => void) {
  const { selection, records, select, blocks, at } = page
  const has = () => records.value.length > 0
  const hasOne = () => records.value.length === 1
  const step = useSpacingStep()
  /** what was duplicated last, and its copies */
  let lastCopies: [original: string, copy: string][] = []
  const first = () => records.value[0]

  /** Puts blocks into what is selected or after it, sections among the page's, and selects them. */
  function insert(label: string, made: Block[][], after?: string) {
    const sections = made.filter(([top]) => standsOnPage(top))
    const others = made.filter(([top]) => !standsOnPage(top))
    const spot = others.length ? spotFor(others[0][0], after) : undefined
    const onPage = others.length && !spot ? [...sections, inSection(others)] : sections
    const onPageSpot = spotFor({ kind: 'section' }, after) ?? { parent: null, index: 0 }
    const parent = spot?.parent ? blocks.value[spot.parent] : undefined
    const fitting = others.map(([top, ...below]) => [fitInRow(top, parent, at.value), ...below])
    page.change(label, [
      ...(onPage.length ? insertBlocks(blocks.value, onPageSpot, onPage, at.value) : []),
      ...(spot ? insertBlocks(blocks.value, spot, fitting, at.value) : []),
    ])
    select(made.map(([top]) => top.id))
  }

  function spotFor(made: Pick<Block, 'kind'>, after: string | undefined): BlockSpot | undefined {
    const beside = after ? blocks.value[after] : undefined
    const parent = beside?.parent ? blocks.value[beside.parent] : undefined
    if (after && !refusesParent(parent, made)) return spotAfter(blocks.value, after, at.value)
    return spotBeside(blocks.value, made, first(), at.value)
  }

  const put = (item: ShelfItem) => insert(labelOfPut(item), [blocksFrom(item, newId)])

  /** On an empty page what is no section gets one around it. */
  function inSection(made: Block[][]): Block[] {
    const section: Block = { id: newId(), order: 'a0', kind: 'section' }
    return [section, ...made.flatMap(([top, ...below]) => [{ ...top, parent: section.id }, ...below])]
  }

  function duplicate() {
    const { operations, copies } = duplicateBlocks(blocks.value, records.value, at.value, newId)
    const drawn = page.drawn.value
    // Duplicated again, copies stand as far on as the last ones were moved.
    const isAgain = lastCopies.length > 0 && lastCopies.every(([, copy]) => records.value.includes(copy))
    const by = (isAgain && movedSince(drawn, lastCopies)) || { x: step.value, y: step.value }
    page.change('Duplicate', [...operations, ...standBeside(drawn, copies), ...standApart(drawn, copies, by)])
    lastCopies = copies
    select(copies.map(([, copy]) => copy))
  }

  function remove() {
    const operations = removeBlocks(blocks.value, records.value)
    page.change(
      hasOne() ? `Delete ${page.nameOf(selection.value[0])}` : `Delete ${records.value.length} blocks`,
      operations,
    )
    select([])
  }

  /** Moves a block before or after its neighbour. */
  function shift(step: -1 | 1) {
    const parent = blocks.value[first()].parent ?? null
    const siblings = siblingsAtBand(blocks.value, parent, at.value)
    const index = siblings.findIndex(({ id }) => id === first())
    const to = step === -1 ? index - 1 : index + 2
    if (to < 0 || to > siblings.length) return
    page.change('Change order', moveBlocks(blocks.value, [first()], { parent, index: to }, at.value))
  }

  /** Arrow keys that follow one another are one step to undo. */
  function nudge(dx: number, dy: number) {
    const keys = selection.value
    const what = keys.length === 1 ? page.nameOf(keys[0]) : `${keys.length} blocks`
    page.change(`Nudge ${what}`, nudgeBlocks(page.drawn.value, keys, dx, dy), `nudge ${keys.join(' ')}`)
  }
  const nudges = [
    ['left', 'ArrowLeft', -1, 0],
    ['right', 'ArrowRight', 1, 0],
    ['up', 'ArrowUp', 0, -1],
    ['down', 'ArrowDown', 0, 1],
  ] as const

  useSelectionCommands(page)
  useClipboard(page, { insert, remove })
  const isText = () => hasOne() && leafShownBy(blocks.value[first()], 'richText') !== undefined
  useCommands().offer([
    {
      id: 'block-edit',
      label: 'Write in the selected text',
      keys: ['Enter', 'F2'],
      run: () => (page.editing.value = selection.value[0]),
      enabled: isText,
    },
    {
      id: 'block-delete',
      label: 'Delete what is selected',
      keys: ['Delete', 'Backspace'],
      run: remove,
      enabled: has,
    },
    {
      id: 'block-duplicate',
      label: 'Duplicate what is selected',
      keys: ['Ctrl+D'],
      run: duplicate,
      enabled: has,
    },
    {
      id: 'block-earlier',
      label: 'Move the block before its neighbour',
      keys: ['Alt+ArrowUp'],
      run: () => shift(-1),
      enabled: hasOne,
    },
    {
      id: 'block-later',
      label: 'Move the block after its neighbour',
      keys: ['Alt+ArrowDown'],
      run: () => shift(1),
      enabled: hasOne,
    },
    ...nudges.flatMap(([way, key, x, y]) =>
      [false, true].map((byStep) => ({
        id: `nudge-${way}-${byStep ? 'step' : 'px'}`,
        label: `Nudge a freely placed block ${byStep ? 'by the spacing step' : '1 px'} ${way}`,
        keys: [byStep ? `Shift+${key}` : key],
        run: () => nudge(x * (byStep ? step.value : 1), y * (byStep ? step.value : 1)),
        enabled: () => canNudge(page.drawn.value, selection.value),
      })),
    ),
    { id: 'shelf', label: 'Put something on the page', keys: ['/'], run: focusShelf },
    { id: 'export', label: 'Take the page away', keys: ['E'], run: () => (isExporting.value = true) },
  ])
  // Bands are named, added and taken away while the page is open.
  useCommands().offer(() =>
    page.bands.value.inOrder.map((band, index) => ({
      id: `band-${band.id}`,
      label: `Show the page at ${band.name} (${band.drawnAt} px)`,
      keys: [String(index + 1)],
      run: () => (page.width.value = band.drawnAt),
    })),
  )

  return { put, insert }
}
