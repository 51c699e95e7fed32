import { dirname, join } from 'node:path'

/** The folders of the core by floor. A folder imports only from floors below its own. */
const FLOORS = [
  ['document', 'text', 'units', 'colour', 'vector'],
  ['artwork', 'block', 'grid', 'viewport'],
  ['site', 'content', 'style', 'drawing'],
  ['resolve'],
  ['layout', 'edit', 'draft'],
  ['paint', 'markup', 'snap', 'kit'],
  ['review', 'walkthrough'],
  ['formats'],
]
const floorOf = new Map(FLOORS.flatMap((folders, floor) => folders.map((folder) => [folder, floor])))

/** Lint rule: an import from another folder of the core must come from a lower floor. */
export const coreFloors = {
  meta: {
    type: 'problem',
    schema: [],
    messages: { floor: '{{from}} (floor {{a}}) may not import from {{to}} (floor {{b}})' },
  },
  create(context) {
    const from = /core\/src\/([^/]+)\//.exec(context.filename)?.[1]
    const isTest = context.filename.endsWith('.test.ts')
    if (!floorOf.has(from) || isTest) return {}
    const check = (node) => {
      const source = node.source?.value ?? ''
      if (!source.startsWith('.')) return
      const to = /core\/src\/([^/]+)\//.exec(join(dirname(context.filename), source))?.[1]
      if (to === from) return
      const a = floorOf.get(from)
      const b = floorOf.get(to)
      if (b === undefined || b >= a) context.report({ node, messageId: 'floor', data: { from, to, a, b } })
    }
    return { ImportDeclaration: check, ExportNamedDeclaration: check, ExportAllDeclaration: check }
  },
}
