import { pathFromTitle } from '../../site/address'
import { named, ownPages, siteFix } from './mapFacts'
import type { MapRule } from './mapRule'

export const samePath: MapRule = {
  id: 'samePath',
  label: 'Siblings with the same path',
  why: 'Two pages cannot stand at one address.',
  severity: 'serious',
  find(facts) {
    return ownPages(facts).flatMap((page) => {
      const wanted = page.path ?? pathFromTitle(page.title)
      const given = facts.addresses.get(page.id)?.split('/').at(-1) ?? ''
      if (page.id === facts.ways.home || wanted === given || wanted === '') return []
      return [
        {
          place: { collection: 'pages', id: page.id },
          says: `${named(page)} would stand at the same address as a page beside it; it was given “${given}”.`,
          fix: siteFix(`Keep the path “${given}”`, [
            { type: 'set', collection: 'pages', id: page.id, path: ['path'], value: given },
          ]),
        },
      ]
    })
  },
}
