import type { Block } from '../../block/block'
import type { Operation } from '../../document/types'
import { namesForSameNamed, namesForUnnamed } from '../../drawing/blockNames'
import { titleOf, type DrawingFacts } from './drawingFacts'
import type { DrawingRule, Found } from './drawingRule'

const SHOWN = 4

/** Blocks without a name of their own. They become names in the code, where “box” says nothing. */
export const unnamed: DrawingRule = {
  id: 'unnamed',
  label: 'Blocks without a name',
  why: 'Names become names in the code and in the legend of notes; a kind alone tells nobody which one is meant.',
  severity: 'slight',
  from: 'plain',
  find: (facts) => {
    const names = namesForUnnamed(facts.blocks)
    const says = `${counted(names.size, 'block')} on ${titleOf(facts)} without a name.`
    return names.size ? [finding(facts, says, 'Name them', names)] : []
  },
}

/** Names that several blocks of a page have. */
export const sameName: DrawingRule = {
  id: 'sameName',
  label: 'Names used twice',
  why: 'In the code each name stands for one thing on a page.',
  severity: 'slight',
  from: 'plain',
  find: (facts) => {
    const names = namesForSameNamed(facts.blocks)
    const twice = [...new Set([...names.keys()].map((id) => (facts.blocks[id] as Block).name as string))]
    const more = twice.length > SHOWN ? ` and ${twice.length - SHOWN} more` : ''
    const list = `${twice.slice(0, SHOWN).join(', ')}${more}`
    const says = `${counted(twice.length, 'name')} used more than once on ${titleOf(facts)}: ${list}.`
    return names.size ? [finding(facts, says, 'Number them', names)] : []
  },
}

const counted = (count: number, what: string) => (count === 1 ? `1 ${what}` : `${count} ${what}s`)

function finding({ page }: DrawingFacts, says: string, label: string, names: Map<string, string>): Found {
  const operations = [...names].map(([id, value]): Operation => {
    return { type: 'set', collection: 'blocks', id, path: ['name'], value }
  })
  const [first] = names.keys()
  return {
    place: { collection: 'blocks', id: first, page: page.id },
    says,
    fix: { label, parts: [{ document: page.id, kind: 'drawing', operations }] },
  }
}
