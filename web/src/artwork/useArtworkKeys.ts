import type { Triple } from '@nolvex/core/artwork/solids'
import { advanced, turned } from '@nolvex/core/artwork/view'
import { useCommands, type Command } from '../commands/commandStore'
import type { ArtworkDesk } from './useArtwork'

/** Units a solid is moved by, and with Shift; degrees the eye goes round by. */
const [STEP, LONG_STEP, DEGREES] = [0.1, 1, 5]
const NEARER = 1.1

/** What the composer does by keys: the chosen solid is moved, else the eye. */
export function useArtworkKeys(desk: ArtworkDesk) {
  const { artwork, solid, view, chosen } = desk
  /** Directions as they are seen, turned to the nearest axis of the scene. */
  function move(across: number, up: number, near: number) {
    const one = solid.value
    if (!one) return
    const quarter = Math.round(view.value.turn / 90) % 4
    const [x, z] = [
      [across, near],
      [near, -across],
      [-across, -near],
      [-near, across],
    ][quarter]
    const [atX, atY, atZ] = one.at
    const to: Triple = [atX + x, Math.max(0, atY + up), atZ + z]
    desk.moveSolid(to, `move ${one.id}`)
  }
  const has = () => solid.value !== undefined
  const hasNone = () => artwork.value !== undefined && solid.value === undefined
  const arrows: [key: string, across: number, up: number, near: number, words: string][] = [
    ['ArrowLeft', -1, 0, 0, 'to the left'],
    ['ArrowRight', 1, 0, 0, 'to the right'],
    ['ArrowUp', 0, 0, -1, 'to the back'],
    ['ArrowDown', 0, 0, 1, 'to the front'],
    ['PageUp', 0, 1, 0, 'up'],
    ['PageDown', 0, -1, 0, 'down'],
  ]
  const moves = arrows.flatMap(([key, across, up, near, words]): Command[] =>
    [
      { by: STEP, prefix: '', far: '' },
      { by: LONG_STEP, prefix: 'Shift+', far: ' by a whole unit' },
    ].map(({ by, prefix, far }) => ({
      id: `solid ${prefix}${key}`,
      label: `Move the solid ${words}${far}`,
      keys: [`${prefix}${key}`],
      enabled: has,
      run: () => move(by * across, by * up, by * near),
    })),
  )
  const look = (id: string, label: string, keys: string[], run: () => void): Command => ({
    ...{ id, label, keys, run },
    enabled: hasNone,
  })
  const turn = (around: number, up: number) => () => desk.look(turned(view.value, around, up))
  useCommands().offer([
    ...moves,
    look('view-left', 'Go round to the left', ['ArrowLeft'], turn(-DEGREES, 0)),
    look('view-right', 'Go round to the right', ['ArrowRight'], turn(DEGREES, 0)),
    look('view-up', 'Look from higher', ['ArrowUp'], turn(0, DEGREES)),
    look('view-down', 'Look from lower', ['ArrowDown'], turn(0, -DEGREES)),
    {
      ...{ id: 'view-nearer', label: 'Go nearer', keys: ['+'] },
      run: () => desk.look(advanced(view.value, 1 / NEARER)),
    },
    {
      ...{ id: 'view-farther', label: 'Go farther away', keys: ['-'] },
      run: () => desk.look(advanced(view.value, NEARER)),
    },
    {
      id: 'solid-twice',
      label: 'Duplicate the solid',
      keys: ['Ctrl+D'],
      enabled: has,
      run: desk.duplicateSolid,
    },
    {
      id: 'solid-away',
      label: 'Delete the solid',
      keys: ['Delete', 'Backspace'],
      enabled: has,
      run: desk.removeSolid,
    },
    {
      ...{ id: 'solid-none', label: 'Choose no solid', keys: ['Escape'], enabled: has },
      run: () => (chosen.value = undefined),
    },
  ])
}
