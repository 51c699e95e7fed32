import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** px of a page from which a menu has room to stand open */
const WIDE = 1000

/** A menu behind its button where it could stand open. Common practice: menus stand open on wide screens. */
export const menuHidden: DrawingRule = {
  id: 'menuHidden',
  label: 'A menu hidden where there is room',
  why: 'What is behind a button is used about half as often, and every way takes one press more.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen, layout }) =>
      seen.flatMap((one) => {
        const isBehind =
          one.node.tag === 'nav' && seen.some(({ node, block }) => isMenuButton(node) && block === one)
        if (!isBehind || layout.width < WIDE) return []
        const says = `${named(one)} is behind its button where there is room for it: each way takes one press more`
        const changes = [{ of: one.node, path: ['manner'], value: 'open' }]
        return [{ of: one, says, mend: { label: 'Let it stand open', changes } }]
      }),
    ),
}

/** The button that opens the whole menu stands in it, with its bars. */
const isMenuButton = ({
  tag,
  isPart,
  attributes,
  key,
}: {
  tag: string
  isPart: boolean
  attributes: object
  key: string
}) => isPart && tag === 'button' && 'aria-controls' in attributes && key.endsWith('button')
