import { writeFileSync } from 'node:fs'
import { unzipSync } from 'fflate'
import { applyChange } from '@nolvex/core/document/apply'
import { documentDepthFirst } from '@nolvex/core/document/tree'
import { readKit, writeKitFile } from '@nolvex/core/formats/kitFile'
import { allOf } from '@nolvex/core/kit/kit'
import { makeKit } from '@nolvex/core/kit/makeKit'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import type { StyleDocument } from '@nolvex/core/style/style'
import { quayside } from './quayside'

/** Builds the kit that ships with the application: `node --import tsx demo/buildKit.ts`. */
const about = {
  id: 'quaysidekit00000',
  name: 'Quayside',
  version: 1,
  note: 'Blocks for those who carry people over water, and for others who sell a place at a time.',
  licence: 'Free to use and change in any project',
}
for (const [id, document] of Object.entries(quayside)) {
  const operations = documentDepthFirst(documentKinds[document.kind], document).map(
    ({ collection, record }) => ({ type: 'put' as const, collection, id: record.id, record }),
  )
  const { outcomes } = applyChange(documentKinds, {}, [{ document: id, kind: document.kind, operations }])
  if (outcomes.length) throw new Error(`${id}: ${JSON.stringify(outcomes[0])}`)
}
const { kit } = makeKit(quayside, allOf({ style: quayside.style as unknown as StyleDocument }), about)
const file = writeKitFile({ kit: { ...kit, files: [] }, bytes: {} })
const read = readKit(unzipSync(file))
writeFileSync(new URL('../web/src/style/kits/shipped/quayside.zip', import.meta.url), file)
console.log(
  `${Object.keys(read.kit.drawings).length} blocks and patterns, ${(file.length / 1024).toFixed(0)} KB`,
)
