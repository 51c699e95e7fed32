import { LOOK_NAMES, looks, type AnyLook, type LookName, type ResolvedLook } from '../block/looks'
import type { BlockNode, PageNode } from '../resolve/node'
import type { Finish } from './finish'

/** A page with its colours as a finish shows them, for writers that take them from its looks. */
export function pageInFinish(page: PageNode, finish: Finish): PageNode {
  const ground = finish.colour(page.ground, 'ground', page.ground)
  return { ...page, ground, children: page.children.map((node) => nodeInFinish(node, finish, ground)) }
}

function nodeInFinish(node: BlockNode, finish: Finish, behind: string): BlockNode {
  const { look, atRest, states } = node
  const groundOf = ({ fill }: ResolvedLook) => (fill ? finish.colour(fill, 'ground', behind) : behind)
  const inFinish = (one: ResolvedLook) => lookInFinish(one, finish, groundOf(one))
  const ground = groundOf(look)
  const shown: BlockNode = {
    ...node,
    look: inFinish(look),
    children: node.children.map((child) => nodeInFinish(child, finish, ground)),
  }
  if (atRest) shown.atRest = inFinish(atRest)
  if (states) shown.states = states.map((one) => ({ ...one, look: inFinish(one.look) }))
  return shown
}

function lookInFinish(look: ResolvedLook, finish: Finish, ground: string): ResolvedLook {
  const shown = LOOK_NAMES.map((name: LookName) => {
    const { recoloured } = looks[name] as AnyLook
    const value: unknown = recoloured
      ? recoloured(look[name], (colour, use) => finish.colour(colour, use, ground))
      : look[name]
    return [name, value]
  })
  return Object.fromEntries(shown) as unknown as ResolvedLook
}
